<?php

return [
    'label' => 'Pictures blocked',
    'about' => 'Any of them before its reader allows pictures: boxes of the same size with what stands for each.',
    'pictures' => 'boxes',
    'rules' => [],
];
