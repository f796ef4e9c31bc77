<?php

namespace App\Stamping;

use App\Models\Workspace;
use InkyCard\Refusal;

/**
 * The filter as a service for messages that come one after another (docs/formats.md, "Stamping"): a request is a line
 * `STAMP <bytes> <workspace>` with the message behind it, the answer a line `<outcome> <bytes>` with the message that
 * goes on; any number of them over one connection.
 */
final class StampService
{
    /** Bytes of a request's first line. */
    private const LINE = 512;

    /** Connections at once. */
    private const MANY = 64;

    /** Seconds after which counts are written down, and names of workspaces looked up again. */
    private const REST = 2.0;

    private const CHUNK = 1_000_000;

    /** @var array<int, resource> */
    private array $open = [];

    /** @var array<int, string> what came and was not answered yet */
    private array $came = [];

    /** @var array<int, string> answers that are not written yet */
    private array $goes = [];

    /** @var array<string, ?Workspace> */
    private array $workspaces = [];

    private float $rested = 0.0;

    private bool $ends = false;

    public function __construct(private readonly Stamping $stamping, private readonly StampedDays $days)
    {
    }

    /**
     * @param  string  $address  `unix:///path` or `tcp://127.0.0.1:port`
     * @param  \Closure(): void  $ready  called once it answers
     *
     * @throws Refusal where nothing can be listened to there
     */
    public function serve(string $address, \Closure $ready): void
    {
        $server = @stream_socket_server($address, $code, $error);
        if ($server === false) {
            throw Refusal::because(
                'Nothing can be listened to at :address: :error.',
                values: ['address' => $address, 'error' => (string) $error],
            );
        }
        // Mail servers call the filter as somebody who owns nothing here.
        str_starts_with($address, 'unix://') && @chmod(substr($address, 7), 0666);
        stream_set_blocking($server, false);
        $ready();
        while (! $this->ends) {
            $this->turn($server);
        }
        $this->days->keep();
        fclose($server);
    }

    /** After what it is at. */
    public function end(): void
    {
        $this->ends = true;
    }

    /** @param  resource  $server */
    private function turn(mixed $server): void
    {
        $read = [...$this->open, ...count($this->open) < self::MANY ? [-1 => $server] : []];
        $write = array_intersect_key($this->open, array_filter($this->goes, fn (string $bytes): bool => $bytes !== ''));
        $none = null;
        $ready = (int) @stream_select($read, $write, $none, 0, 500_000);
        foreach ($ready > 0 ? $read : [] as $stream) {
            $stream === $server ? $this->welcome($server) : $this->read($stream);
        }
        foreach ($ready > 0 ? $write : [] as $stream) {
            $this->write($stream);
        }
        if (microtime(true) - $this->rested > self::REST) {
            $this->rested = microtime(true);
            $this->workspaces = [];
            $this->days->keep();
        }
    }

    /** @param  resource  $server */
    private function welcome(mixed $server): void
    {
        $stream = @stream_socket_accept($server, 0);
        if ($stream !== false) {
            stream_set_blocking($stream, false);
            $this->open[(int) $stream] = $stream;
            $this->came[(int) $stream] = $this->goes[(int) $stream] = '';
        }
    }

    /** @param  resource  $stream */
    private function read(mixed $stream): void
    {
        $bytes = @fread($stream, self::CHUNK);
        if ($bytes === false || $bytes === '') {
            feof($stream) && $this->close($stream);

            return;
        }
        $this->came[(int) $stream] .= $bytes;
        while (($request = $this->request($stream)) !== null) {
            $this->goes[(int) $stream] .= $this->answer(...$request);
        }
        $this->write($stream);
    }

    /**
     * The next request, whole; null where there is none yet. What is none ends the connection.
     *
     * @param  resource  $stream
     * @return ?array{string, string} workspace, message
     */
    private function request(mixed $stream): ?array
    {
        $came = $this->came[(int) $stream] ?? '';
        $line = strpos($came, "\n");
        if ($line === false && strlen($came) <= self::LINE) {
            return null;
        }
        if ($line === false || preg_match('/^STAMP (\d{1,9}) (.+?)\r?$/D', substr($came, 0, $line), $said) !== 1
            || (int) $said[1] > Stamping::MOST) {
            $this->close($stream);

            return null;
        }
        if (strlen($came) < $line + 1 + (int) $said[1]) {
            return null;
        }
        $this->came[(int) $stream] = substr($came, $line + 1 + (int) $said[1]);

        return [$said[2], substr($came, $line + 1, (int) $said[1])];
    }

    private function answer(string $name, string $bytes): string
    {
        $this->workspaces[$name] ??= Workspace::query()->where('name', $name)->first();
        $workspace = $this->workspaces[$name];
        if ($workspace === null) {
            return "unknown 0\n";
        }
        $stamped = $this->stamping->stamp($workspace, $bytes);
        $this->days->count($workspace, $stamped->outcome);

        return $stamped->framed();
    }

    /** @param  resource  $stream */
    private function write(mixed $stream): void
    {
        // What was no request has ended its connection meanwhile.
        $goes = $this->goes[(int) $stream] ?? null;
        if ($goes === null) {
            return;
        }
        $written = $goes === '' ? 0 : @fwrite($stream, $goes);
        $written === false ? $this->close($stream) : $this->goes[(int) $stream] = substr($goes, $written);
    }

    /** @param  resource  $stream */
    private function close(mixed $stream): void
    {
        unset($this->open[(int) $stream], $this->came[(int) $stream], $this->goes[(int) $stream]);
        fclose($stream);
    }
}
