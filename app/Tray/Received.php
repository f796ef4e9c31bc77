<?php

namespace App\Tray;

use ZBateson\MailMimeParser\Header\HeaderConsts;
use ZBateson\MailMimeParser\IMessage;
use ZBateson\MailMimeParser\Message;

/** A message taken apart. */
final readonly class Received
{
    /** Headers shown, whatever else there is stands in the source. */
    private const HEADERS = ['From', 'To', 'Cc', 'Subject', 'Date', 'Message-ID', 'In-Reply-To', 'X-Unsent', 'MIME-Version', 'Content-Type'];

    private IMessage $message;

    public function __construct(public string $raw)
    {
        $this->message = Message::from($raw, false);
    }

    public function from(): string
    {
        return strtolower(mb_strimwidth((string) $this->message->getHeaderValue(HeaderConsts::FROM), 0, 254));
    }

    public function to(): string
    {
        return mb_strimwidth((string) $this->message->getHeaderValue(HeaderConsts::TO), 0, 254);
    }

    public function subject(): string
    {
        return mb_strimwidth(mb_scrub((string) $this->message->getHeaderValue(HeaderConsts::SUBJECT)), 0, 250, '…');
    }

    public function text(): string
    {
        return mb_scrub((string) $this->message->getTextContent());
    }

    /** Its HTML as it was sent. */
    public function html(): string
    {
        return mb_scrub((string) $this->message->getHtmlContent());
    }

    /** Its HTML with what is attached put in its place, to be shown. */
    public function shown(): string
    {
        $html = $this->html();
        foreach ($this->message->getAllAttachmentParts() as $part) {
            $id = (string) $part->getContentId();
            if ($id !== '' && preg_match('~^image/(?:png|jpeg|gif|webp)$~', (string) $part->getContentType()) === 1) {
                $html = str_replace('cid:'.$id, 'data:'.$part->getContentType().';base64,'.base64_encode((string) $part->getContent()), $html);
            }
        }

        return $html;
    }

    /** @return array<string, string> */
    public function headers(): array
    {
        $headers = [];
        foreach (self::HEADERS as $name) {
            $value = $this->message->getHeader($name)?->getRawValue();
            if ($value !== null) {
                $headers[$name] = mb_scrub($value);
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
                $parts[] = ['type' => $type, 'name' => (string) ($part->getFilename() ?? $part->getContentId()), 'bytes' => strlen((string) $part->getContent())];
            }
        }

        return $parts;
    }
}
