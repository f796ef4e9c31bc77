<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pictures', function (Blueprint $table) {
            // Words in its place, asked for once, and where it may be used from.
            $table->string('alt', 160)->default('');
            $table->string('rights', 160)->default('');
            // Seven numbers of the part new uses start with; empty for the whole.
            $table->string('framing', 80)->default('');
            // A written name is shown in an ink; how it was drawn, if it was drawn here.
            $table->boolean('hand')->default(false);
            $table->longText('strokes')->nullable();
            // As it was brought, before it was written anew.
            $table->unsignedInteger('brought_bytes')->default(0);
            $table->timestamp('removed_at')->nullable();
        });
        Schema::table('picture_variants', function (Blueprint $table) {
            $table->unsignedInteger('width')->default(0);
            $table->unsignedInteger('height')->default(0);
            $table->string('why', 80)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('picture_variants', fn (Blueprint $table) => $table->dropColumn(['width', 'height', 'why']));
        Schema::table(
            'pictures',
            fn (Blueprint $table) => $table->dropColumn([
                'alt', 'rights', 'framing', 'hand', 'strokes', 'brought_bytes', 'removed_at',
            ]),
        );
    }
};
