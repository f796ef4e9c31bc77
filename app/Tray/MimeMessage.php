<?php

namespace App\Tray;

use InkyCard\Refusal;
use ZBateson\MailMimeParser\Header\HeaderConsts;
use ZBateson\MailMimeParser\IMessage;
use ZBateson\MailMimeParser\Message;
use ZBateson\MailMimeParser\Message\IMessagePart;

/** A message taken apart. */
final class MimeMessage
{
    /** Headers shown, whatever else there is stands in the source. */
    private const HEADERS = [
        'From', 'To', 'Cc', 'Subject', 'Date', 'Message-ID', 'In-Reply-To', 'X-Unsent', 'MIME-Version', 'Content-Type',
        'List-Unsubscribe', 'List-Unsubscribe-Post',
    ];

    /** Bytes of words that are read: no mail client shows more. */
    private const WORDS = 4_000_000;

    /** Bytes attached pictures may take in its HTML, however often it shows them. */
    private const SHOWN = 20_000_000;

    private readonly IMessage $message;

    private ?string $html = null;

    public function __construct(public readonly string $raw)
    {
        $this->message = Message::from($raw, false);
    }

    /**
     * From somewhere else: not made to keep its reader busy.
     *
     * @throws Refusal
     */
    public static function foreign(string $raw): self
    {
        MessageBounds::check($raw);

        return new self($raw);
    }

    public function from(): string
    {
        return strtolower($this->header(HeaderConsts::FROM));
    }

    public function to(): string
    {
        return $this->header(HeaderConsts::TO);
    }

    public function subject(): string
    {
        return $this->header(HeaderConsts::SUBJECT);
    }

    public function text(): string
    {
        return self::content($this->message->getTextPart());
    }

    /** Its HTML as it was sent. */
    public function html(): string
    {
        return $this->html ??= self::content($this->message->getHtmlPart());
    }

    /** Its HTML with what is attached put in its place, to be shown. */
    public function shown(): string
    {
        $html = $this->html();
        $room = self::SHOWN;
        foreach ($this->message->getAllAttachmentParts() as $part) {
            $id = (string) $part->getContentId();
            $times = $id === '' ? 0 : substr_count($html, 'cid:'.$id);
            if ($times > 0 && preg_match('~^image/(?:png|jpeg|gif|webp)$~', (string) $part->getContentType()) === 1) {
                $picture = 'data:'.$part->getContentType().';base64,'.base64_encode(self::bytes($part));
                $room -= $times * strlen($picture);
                $html = $room < 0 ? $html : str_replace('cid:'.$id, $picture, $html);
            }
        }

        return $html;
    }

    /** Its beginning as it came, to be read: what is no sign is left out. */
    public function source(int $most): string
    {
        return self::clean(substr($this->raw, 0, $most)).(strlen($this->raw) > $most ? '…' : '');
    }

    /** @return array<string, string> */
    public function headers(): array
    {
        $headers = [];
        foreach (self::HEADERS as $name) {
            $value = $this->message->getHeader($name)?->getRawValue();
            if ($value !== null) {
                $headers[$name] = self::clean($value);
            }
        }

        return $headers;
    }

    /** @return list<array{type: string, name: string, bytes: int}> leaves of its tree, in order */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->message->getAllParts() as $part) {
            $type = strtolower((string) $part->getContentType());
            if (! str_starts_with($type, 'multipart/')) {
                $parts[] = [
                    'type' => $type,
                    'name' => self::quietly(
                        fn () => self::clean((string) ($part->getFilename() ?? $part->getContentId())),
                    ),
                    'bytes' => str_starts_with($type, 'text/')
                        ? strlen(self::content($part))
                        : strlen(self::bytes($part)),
                ];
            }
        }

        return $parts;
    }

    private function header(string $name): string
    {
        $value = self::quietly(fn () => (string) $this->message->getHeaderValue($name));

        return mb_strimwidth(trim((string) preg_replace('/[\s\x00-\x1f\x7f]+/u', ' ', mb_scrub($value))), 0, 250, '…');
    }

    /** Its words in UTF-8. A character set nobody knows is read as the one most often meant. */
    private static function content(?IMessagePart $part): string
    {
        if ($part === null) {
            return '';
        }
        if (@iconv($part->getCharset() ?: 'UTF-8', 'UTF-8', 'a') === false) {
            $part->setCharsetOverride('windows-1252');
        }

        return self::clean(substr(self::bytes($part), 0, self::WORDS));
    }

    /** What a part holds; nothing where it is damaged and its encoding is none. */
    private static function bytes(IMessagePart $part): string
    {
        return self::quietly(function () use ($part): string {
            try {
                return (string) $part->getContent();
            } catch (\TypeError|\ValueError|\RuntimeException) {
                return '';
            }
        });
    }

    private static function clean(string $text): string
    {
        return (string) preg_replace('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]+/', '', mb_scrub($text));
    }

    /**
     * The parser warns of character sets it does not know and goes on: so do we.
     *
     * @param  \Closure(): string  $read
     */
    private static function quietly(\Closure $read): string
    {
        set_error_handler(fn () => true, E_WARNING | E_NOTICE | E_DEPRECATED);
        try {
            return $read();
        } finally {
            restore_error_handler();
        }
    }
}
