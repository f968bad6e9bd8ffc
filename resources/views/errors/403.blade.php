<x-message title="Not yours">This belongs to another kitchen.</x-message>
