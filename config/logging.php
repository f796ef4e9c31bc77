<?php

return ['default' => env('LOG_CHANNEL', 'single')];
