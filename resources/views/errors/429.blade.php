<x-message title="A little slower">That was very often in a short time. Wait a minute, go back, and send it once more: what you typed is still there.</x-message>
