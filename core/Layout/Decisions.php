<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** What the maker has settled about files that come back; it is kept for the next one. */
final readonly class Decisions
{
    /** What is not settled, or not any more. */
    public const OPEN = '?';

    private const MOST = 2000;
    /** Names in netlists and headings are shorter. */
    private const LONGEST = 200;

    /**
     * @param array<int|string, string> $parts designator here by the name there; empty for what is no part of this board and belongs there
     * @param array<int|string, string> $pins pad here by part here and pin there, as “K11.COM”
     * @param array<int|string, string> $columns what a column says, by its heading
     */
    public function __construct(public array $parts = [], public array $pins = [], public array $columns = []) {}

    /** As kept; what cannot be read counts as not settled. */
    public static function read(string $json): self
    {
        $data = json_decode($json, true);
        $texts = static fn(mixed $some): array => array_slice(
            array_filter(is_array($some) ? $some : [], is_string(...)),
            0,
            self::MOST,
            true,
        );

        return is_array($data)
            ? new self($texts($data['parts'] ?? null), $texts($data['pins'] ?? null), $texts($data['columns'] ?? null))
            : new self();
    }

    public function json(): string
    {
        return json_encode(
            ['parts' => (object) $this->parts, 'pins' => (object) $this->pins, 'columns' => (object) $this->columns],
            JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR,
        );
    }

    /** With what was settled last on top; what is open again falls out. */
    public function with(self $later): self
    {
        return new self(
            self::kept($later->parts + $this->parts),
            self::kept($later->pins + $this->pins),
            self::kept($later->columns + $this->columns),
        );
    }

    /**
     * @param array<int|string, string> $all
     * @return array<int|string, string>
     */
    private static function kept(array $all): array
    {
        $kept = array_filter(
            $all,
            static fn(string $settled, int|string $key): bool => self::OPEN !== $settled
                && max(strlen($settled), strlen((string) $key)) <= self::LONGEST,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_slice($kept, 0, self::MOST, true);
    }
}
