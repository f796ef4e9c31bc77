<?php

namespace InkyCard\MailClient;

use InkyCard\Markup\Element;

/** The rules of a stand-in, found by what they are about. */
final class RuleBook
{
    private const SUBJECTS = ['property', 'attribute', 'element', 'picture', 'whole'];

    /** @var array<string, array<string, list<array<string, mixed>>>> subject => name => rules */
    private array $rules = [];

    /** @var list<array<string, mixed>> rules about values, whatever the property */
    private array $values = [];

    /** @param  list<array<string, mixed>>  $rules  a later one of an element, attribute or picture counts */
    public function __construct(array $rules)
    {
        foreach ($rules as $rule) {
            foreach (self::SUBJECTS as $subject) {
                foreach ((array) ($rule[$subject] ?? []) as $name) {
                    $this->rules[$subject][$name][] = $rule;
                }
            }
            if (isset($rule['value'])) {
                $this->values[] = $rule;
            }
        }
    }

    /**
     * @param  'attribute'|'element'|'picture'|'whole'  $subject
     * @return array<string, mixed>|null
     */
    public function of(string $subject, string $name): ?array
    {
        $rules = $this->rules[$subject][$name] ?? [];

        return $rules === [] ? null : $rules[count($rules) - 1];
    }

    /** @return array<string, mixed>|null the rule an attribute of an element falls under */
    public function attribute(string $name, Element $element): ?array
    {
        $rule = $this->of('attribute', $name);

        return $rule !== null && self::concerns($rule, $element) ? $rule : null;
    }

    /** @return list<array<string, mixed>> those of a property of an element with such a value, in order */
    public function properties(string $property, string $value, Element $element): array
    {
        return array_values(array_filter(
            $this->rules['property'][$property] ?? [],
            fn (array $rule) => self::concerns($rule, $element)
                && (! isset($rule['if']) || preg_match($rule['if'], $value) === 1),
        ));
    }

    /** @return array<string, mixed>|null the first that takes offence at a value */
    public function value(string $property, string $value): ?array
    {
        foreach ($this->values as $rule) {
            if (preg_match($rule['value'], $value) === 1
                && (! isset($rule['of']) || in_array($property, $rule['of'], true))) {
                return $rule;
            }
        }

        return null;
    }

    /** @param  array<string, mixed>  $rule */
    private static function concerns(array $rule, Element $element): bool
    {
        return ! $element->drawn && (! isset($rule['on']) || in_array($element->name, $rule['on'], true))
            && (! isset($rule['except']) || ! in_array($element->name, $rule['except'], true));
    }
}
