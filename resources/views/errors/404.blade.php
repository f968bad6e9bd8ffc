<x-message title="Not here">There is no such page in your kitchen. It may have been removed, or the address is mistyped.</x-message>
