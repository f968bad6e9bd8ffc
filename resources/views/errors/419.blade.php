<x-message title="The page was open for long">Go back and send it once more: what you typed is still there.</x-message>
