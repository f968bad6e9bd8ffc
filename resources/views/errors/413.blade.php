<x-message title="Too much at once">That is more than a recipe holds. Go back: what you typed is still there. Paste one recipe only.</x-message>
