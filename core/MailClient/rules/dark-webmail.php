<?php

return [
    'like' => 'tolerant-webmail',
    'label' => 'Webmail, page turned dark',
    'about' => 'The same with its page turned dark: light backgrounds flip, text is lifted until it reads, strong colours stay.',
    'dark' => 'soft',
    'rules' => [],
];
