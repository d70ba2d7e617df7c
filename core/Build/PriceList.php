<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;

/** What a maker pays for parts. It stands beside the boards and replaces the prices that are shipped. */
final readonly class PriceList
{
    public const MOST_ROWS = 5000;
    private const LONGEST = 200;

    /**
     * @param array<string, Price> $prices by part id, or by the words of the parts list in small letters
     */
    public function __construct(public array $prices = []) {}

    /**
     * Of rows under headings: part, price, and if you like source and date.
     *
     * @param list<array<int, string>> $rows the first are the headings
     * @param float $perEuro how much of the currency that the prices are in goes for a euro
     * @throws \InvalidArgumentException with the row and what to do
     */
    public static function of(array $rows, float $perEuro = 1.0): self
    {
        $heads = array_map(static fn(string $head): string => mb_strtolower(trim($head)), $rows[0] ?? []);
        $place = static fn(string ...$names): ?int => array_key_first(array_intersect($heads, $names));
        $part = $place('part', 'part id', 'item', 'article');
        $price = $place('price', 'each', 'price each', 'unit price');
        if (null === $part || null === $price) {
            throw new \InvalidArgumentException(
                'The first row names the columns: “part” and “price” at least, “source” and “date” if you like.',
            );
        }
        if (count($rows) - 1 > self::MOST_ROWS) {
            throw new \InvalidArgumentException(sprintf('A price list has at most %d rows.', self::MOST_ROWS));
        }
        [$source, $date] = [$place('source', 'from', 'shop'), $place('date', 'as of')];
        $prices = [];
        foreach (array_slice($rows, 1) as $i => $row) {
            $name = self::key($row[$part] ?? '');
            if ('' === $name && '' === trim(implode('', $row))) {
                continue;
            }
            if ('' === $name) {
                throw new \InvalidArgumentException(
                    sprintf('Row %d names no part. Write its id or its words as in the parts list.', $i + 2),
                );
            }
            $prices[$name] = new Price(
                self::euros($row[$price] ?? '', $i + 2, $perEuro),
                self::text(null === $source ? '' : $row[$source] ?? '', 'your price list'),
                self::text(null === $date ? '' : $row[$date] ?? '', ''),
                false,
            );
        }

        return new self($prices);
    }

    /** The price of a row of the parts list; null where the list has none. */
    public function priceOf(?string $part, string $what): ?Price
    {
        return (null === $part ? null : $this->prices[self::key($part)] ?? null) ?? $this->prices[self::key($what)] ?? null;
    }

    /** How a part is found again, however it was spaced or capitalised. */
    public static function key(string $words): string
    {
        return mb_substr(mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $words))), 0, self::LONGEST);
    }

    private static function text(string $words, string $else): string
    {
        $words = trim($words);

        return '' === $words ? $else : mb_substr($words, 0, self::LONGEST);
    }

    private static function euros(string $words, int $row, float $perEuro): float
    {
        $number = trim((string) preg_replace('/[^0-9.,-]+/u', '', $words));
        try {
            $value = QuantityParser::parse($number . ' €', Unit::Euro);
        } catch (NotAQuantity) {
            $value = -1.0;
        }
        if ($value < 0 || $value > 1e6) {
            throw new \InvalidArgumentException(sprintf(
                'Row %d: “%s” is no price. Write a number such as 2.40.',
                $row,
                mb_substr(trim($words), 0, 30),
            ));
        }

        return $value / $perEuro;
    }
}
