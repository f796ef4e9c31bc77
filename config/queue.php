<?php

return ['default' => env('QUEUE_CONNECTION', 'sync')];
