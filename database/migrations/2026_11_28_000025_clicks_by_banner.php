<?php

use App\Clicks\Sums;
use Illuminate\Database\Migrations\Migration;

/** Clicks are added up by banner as well: what was added up before knows nothing of them. */
return new class extends Migration
{
    public function up(): void
    {
        Sums::forget();
    }

    public function down(): void
    {
        Sums::forget();
    }
};
