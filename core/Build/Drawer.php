<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

/** The parts that a maker has, with their counts. It stands beside the boards. */
final readonly class Drawer
{
    public const MOST_ROWS = 5000;

    /**
     * @param array<string, float> $counts by part id, or by the words of the parts list in small letters
     */
    public function __construct(public array $counts = []) {}

    /**
     * Of rows under headings (part, count), or of lines such as “10 × 10 kΩ” split in two.
     *
     * @param list<array<int, string>> $rows
     * @throws \InvalidArgumentException with the row and what to do
     */
    public static function of(array $rows): self
    {
        $heads = array_map(static fn(string $head): string => mb_strtolower(trim($head)), $rows[0] ?? []);
        $part = array_key_first(array_intersect($heads, ['part', 'part id', 'item', 'value']));
        $count = array_key_first(array_intersect($heads, ['count', 'quantity', 'qty', 'pieces']));
        $hasHeads = null !== $part && null !== $count;
        $counts = [];
        if (count($rows) > self::MOST_ROWS) {
            throw new \InvalidArgumentException(sprintf('A drawer holds at most %d rows.', self::MOST_ROWS));
        }
        foreach ($hasHeads ? array_slice($rows, 1) : $rows as $i => $row) {
            $line = trim(implode(' ', $row));
            if ('' === $line) {
                continue;
            }
            [$number, $name] = $hasHeads ? [$row[$count] ?? '', $row[$part] ?? ''] : self::split($line);
            $number = trim($number);
            if ('' === trim($name) || 1 !== preg_match('/^\d{1,6}(\.\d{1,3})?$/', $number)) {
                throw new \InvalidArgumentException(sprintf(
                    'Row %d, “%s”, names no part with its count. Write lines such as: 10 × 10 kΩ.',
                    $i + ($hasHeads ? 2 : 1),
                    mb_substr($line, 0, 40),
                ));
            }
            $key = PriceList::key($name);
            $counts[$key] = ($counts[$key] ?? 0.0) + (float) $number;
        }

        return new self($counts);
    }

    /** How many of a row of the parts list lie there; 0 where none do. */
    public function countOf(?string $part, string $what): float
    {
        return (null === $part ? null : $this->counts[PriceList::key($part)] ?? null) ?? $this->counts[PriceList::key($what)] ?? 0.0;
    }

    /**
     * @return array{string, string} count and part of a line such as “10 × 10 kΩ”, “10x 1N4148” or “1N4148, 10”
     */
    private static function split(string $line): array
    {
        if (1 === preg_match('/^(\d{1,6})\s*(?:×|x|\*|pcs\.?|pieces)\s*(.+)$/iu', $line, $match)) {
            return [$match[1], $match[2]];
        }
        if (1 === preg_match('/^(.+?)[\s,;:×x]+(\d{1,6})$/u', $line, $match)) {
            return [$match[2], $match[1]];
        }

        return ['', $line];
    }
}
