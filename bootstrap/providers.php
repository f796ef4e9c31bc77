<?php

return [
    App\Providers\AppServiceProvider::class,
    App\Providers\WordsProvider::class,
];
