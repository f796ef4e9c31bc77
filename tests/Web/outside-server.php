<?php

// Answers OutsideTest: one misbehaving page for each path.
$path = trim((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH), '/');
set_time_limit(20);
while (ob_get_level() > 0) {
    ob_end_clean();
}
$send = function (string $bytes): void {
    echo $bytes;
    flush();
};
switch (strtok($path, '/')) {
    case 'endless':
        while (! connection_aborted()) {
            $send(str_repeat('x', 65536));
        }
        break;
    case 'lies':
        header('Content-Length: 10');
        $send(str_repeat('x', 3_000_000));
        break;
    case 'drip':
        for ($n = 0; $n < 30 && ! connection_aborted(); $n++) {
            $send('x');
            usleep(100_000);
        }
        break;
    case 'silent':
        sleep(3);
        break;
    case 'circle':
        header('Location: /circle', true, 302);
        break;
    case 'hop':
        header('Location: /hop/'.((int) strtok('/') + 1), true, 302);
        break;
    case 'to-file':
        header('Location: file:///etc/passwd', true, 302);
        break;
    case 'moved':
        header('Location: /fine', true, 301);
        break;
    default:
        echo 'fine';
}
