<?php

namespace InkyCard\Footer;

use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/**
 * What stands under the messages of a campaign: the sender's card, why one gets this, who sends it from where, and the
 * ways out. Its texts hold tokens as their sending system writes them.
 */
final readonly class Footer
{
    public const FORMAT = 'inky-footer/1';

    /** How much of the card stands in it. */
    public const FORMS = ['short' => 'in short', 'full' => 'all of it'];

    /** Texts by the letters they hold. */
    private const TEXTS = ['why' => 400, 'firm' => 300, 'registration' => 300];

    public const LINKS = ['unsubscribe', 'preferences', 'browser'];

    /**
     * @param  string  $form  a key of FORMS
     * @param  list<string>  $countries  recipients are in, ISO 3166-1 alpha-2
     * @param  array<string, string>  $texts  `why` one gets this, `firm` with its postal address, `registration`
     * @param  array<string, FooterLink>  $links  by LINKS
     * @param  array<string, mixed>  $unknown  keys of the document this version does not know
     */
    private function __construct(
        public string $name, public string $form, public TokenStyle $style, public array $countries,
        public array $texts, public array $links, private array $unknown = [],
    ) {
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @throws Refusal
     */
    public static function of(array $given): self
    {
        $name = Refusal::at('/name', fn () => CleanText::of($given['name'] ?? '', 80, 'name'));
        $form = $given['form'] ?? 'short';
        $style = Refusal::at('/style', fn () => TokenStyle::of($given['style'] ?? 'double-braces'));
        $texts = $links = [];
        foreach (self::TEXTS as $part => $most) {
            $texts[$part] = Refusal::at("/$part", fn () => self::clean($given[$part] ?? '', $most, $style));
        }
        foreach (self::LINKS as $part) {
            $links[$part] = Refusal::at("/$part", fn () => FooterLink::of((array) ($given[$part] ?? []), $style));
        }

        return new self(
            $name === '' ? throw Refusal::because('Give the footer a name.', '/name') : $name,
            is_string($form) && isset(self::FORMS[$form]) ? $form
                : throw Refusal::because('The card stands in it in short, or all of it.', '/form'),
            $style, self::countries($given['countries'] ?? []), $texts, $links, array_diff_key($given, array_flip([
                'format', 'name', 'form', 'style', 'countries', ...array_keys(self::TEXTS), ...self::LINKS,
            ])),
        );
    }

    /**
     * Plain text; what stands around a token may look like markup.
     *
     * @throws Refusal
     */
    private static function clean(mixed $given, int $most, TokenStyle $style): string
    {
        $tokens = is_string($given) ? array_values(array_unique(array_column($style->find($given), 'raw'))) : [];
        $words = array_map(fn (int $at): string => "Qz{$at}zQ", array_keys($tokens));

        return strtr(
            CleanText::of(is_string($given) ? strtr($given, array_combine($tokens, $words)) : $given, $most, 'text'),
            array_combine($words, $tokens),
        );
    }

    /**
     * @return list<string>
     *
     * @throws Refusal
     */
    private static function countries(mixed $given): array
    {
        $countries = [];
        foreach (is_array($given) ? $given : [] as $country) {
            $countries[] = is_string($country) && isset(RequiredParts::countries()[$country]) ? $country
                : throw Refusal::because('What this country asks for is not known here.', '/countries');
        }

        return array_values(array_unique($countries));
    }

    /**
     * @param  array<string, mixed>  $values  keys of its document
     *
     * @throws Refusal
     */
    public function with(array $values): self
    {
        return self::of($values + $this->toArray());
    }

    public function text(string $part): string
    {
        return $this->texts[$part] ?? '';
    }

    public function link(string $part): FooterLink
    {
        return $this->links[$part];
    }

    /** @return list<string> names of its tokens, each once */
    public function tokens(): array
    {
        $all = [...array_values($this->texts)];
        foreach ($this->links as $link) {
            array_push($all, $link->words, $link->address);
        }

        return array_values(array_unique(array_column($this->style->find(implode("\n", $all)), 'name')));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT, 'name' => $this->name, 'form' => $this->form,
            'style' => $this->style->toDocument(), 'countries' => $this->countries,
        ] + $this->texts + array_map(fn (FooterLink $link) => $link->toArray(), $this->links) + $this->unknown;
    }
}
