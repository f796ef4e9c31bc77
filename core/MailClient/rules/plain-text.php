<?php

return [
    'label' => 'Plain text',
    'about' => 'A reader of plain text: the text part, or the words of the HTML where there is none.',
    'form' => 'text',
    'styles' => 'dropped',
    'rules' => [],
];
