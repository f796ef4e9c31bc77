<?php

/*
 * Files of public/ that are sent as they are, by how their names end: what server.php and the application call them.
 */

return [
    'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2',
];
