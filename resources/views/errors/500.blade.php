<x-message title="Something broke here">It is our fault, not yours. What you typed is still there when you go back.</x-message>
