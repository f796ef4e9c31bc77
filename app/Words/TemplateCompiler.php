<?php

namespace App\Words;

use Illuminate\Support\Facades\App;
use Illuminate\View\Compilers\BladeCompiler;

/** Compiles templates once for each language: their words are in it then, and a page looks nothing up. */
final class TemplateCompiler extends BladeCompiler
{
    public function getCompiledPath($path): string
    {
        return preg_replace('/\.php$/D', Words::edition().'.php', parent::getCompiledPath($path)) ?? $path;
    }

    public function compileString($value): string
    {
        $language = App::getLocale();

        return parent::compileString($language === Words::SOURCE ? $value : TemplateWords::rewritten(
            $value, fn (string $message): string => Words::say($message, $language),
        ));
    }
}
