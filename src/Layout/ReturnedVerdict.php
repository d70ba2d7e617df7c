<?php

declare(strict_types=1);

namespace IronLatch\Layout;

/** What was said of a file when it was read last. */
final readonly class ReturnedVerdict
{
    /**
     * @param string $kind as FileKind names it
     */
    public function __construct(public string $kind, public string $words, public bool $agrees) {}

    public function write(): string
    {
        return json_encode(get_object_vars($this), JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
    }

    public static function read(string $json): self
    {
        $data = json_decode($json, true);
        $text = static fn(string $key): string => is_array($data) && is_string($data[$key] ?? null) ? $data[$key] : '';

        return new self($text('kind'), $text('words'), is_array($data) && true === ($data['agrees'] ?? null));
    }
}
