<?php

namespace InkyCard\Handover;

use InkyCard\Markup\Escape;
use InkyCard\Markup\HtmlWriter;
use InkyCard\Markup\MailDocument;

/** An earlier message under a new one: quoted in an answer, whole where it is passed on. */
final readonly class QuotedMessage
{
    private const FORWARDED = '---------- Forwarded message ---------';

    private const INTRO = 'margin:16px 0 8px;font:13px/18px Arial,Helvetica,sans-serif;color:#444444';

    private const QUOTE = 'margin:0 0 0 12px;padding:0 0 0 12px;border-left:2px solid #b9b2a3';

    /**
     * @param  string  $from  who wrote it
     * @param  string  $html  empty where it has none
     * @param  bool  $forward  passed on rather than answered
     */
    public function __construct(
        private string $from,
        private string $html,
        private string $text,
        private bool $forward,
    ) {
    }

    public function text(): string
    {
        $quote = $this->forward ? '' : '> ';

        return "\n{$this->intro()}\n$quote".str_replace("\n", "\n$quote", $this->text);
    }

    public function html(): string
    {
        $html = $this->html === ''
            ? '<pre>'.Escape::html($this->text).'</pre>'
            : HtmlWriter::write(MailDocument::parse($this->html)->body);

        return '<p style="'.self::INTRO.'">'.Escape::html($this->intro()).'</p>'
            .($this->forward ? $html : '<blockquote style="'.self::QUOTE."\">$html</blockquote>");
    }

    private function intro(): string
    {
        return $this->forward ? self::FORWARDED : "$this->from wrote:";
    }
}
