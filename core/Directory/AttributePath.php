<?php

namespace InkyCard\Directory;

/** Which attribute of a resource a change means (RFC 7644, 3.10 and 3.5.2). */
final class AttributePath
{
    /** Of the standard, and nothing we know anything with. */
    private const UNUSED = '/^(?:nickname|profileurl|usertype|preferredlanguage|locale|timezone|password|ims|photos'
        .'|addresses|entitlements|roles|x509certificates|schemas|employeenumber|costcenter|organization|division'
        .'|manager)\b/';

    /**
     * A path apart: the attribute as it is called, a filter for its values, a part of it.
     *
     * @param  array<string, list<string>>  $known
     * @return ?array{string, ?Filter, ?string} null where the standard has it and we do not
     *
     * @throws Fault for what there is not
     */
    public static function read(string $path, array $known): ?array
    {
        $plain = Attributes::local($path);
        if (preg_match(self::UNUSED, strtolower($plain)) === 1) {
            return null;
        }
        $extension = Attributes::named($plain, $known[Attributes::ENTERPRISE] ?? []);
        if ($extension !== null) {
            return [Attributes::ENTERPRISE, null, $extension];
        }
        if (preg_match('/^([^.\[\]\s]+)(?:\[(.*)\])?(?:\.([^.\[\]\s]+))?$/Ds', $plain, $match) !== 1) {
            throw Fault::of('invalidPath', "There is no attribute “{$path}” here.");
        }
        $name = Attributes::named($match[1], array_keys($known));
        $part = ($match[3] ?? '') === '' ? null : Attributes::named($match[3], $known[$name ?? ''] ?? []);
        if ($name === null || ($part === null && ($match[3] ?? '') !== '')) {
            throw Fault::of('invalidPath', "There is no attribute “{$path}” here.");
        }

        return [$name, ($match[2] ?? '') === '' ? null : Filter::parse($match[2]), $part];
    }
}
