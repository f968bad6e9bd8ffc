<x-message title="Closed for a moment">The kitchen is being tidied. Try again in a minute.</x-message>
