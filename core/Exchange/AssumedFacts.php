<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Rail;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\RecordWriter;

/** What nobody has stated and the checks took for granted: each value with its reason, those that are alike together. */
final class AssumedFacts
{
    /**
     * @return list<string>
     */
    public static function of(Board $board): array
    {
        $data = RecordWriter::write($board);
        unset($data['parts'], $data['acceptances']);
        $alike = [];
        foreach (self::assumed($data, []) as [$path, $value, $because]) {
            $alike[self::field($path) . ': ' . $value . "\n" . $because][] = self::owner($board, $path);
        }
        foreach ($board->rails as $id => $rail) {
            if (null === $rail->farads) {
                $alike['capacitance at the loads: ' . QuantityPrinter::rounded(Rail::USUAL_FARADS, Unit::Farad) . "\n"
                    . $rail->reservoir()->because][] = $board->nameOf($id);
            }
        }
        if (!$board->ambient->isKnown()) {
            $alike['ambient: ' . QuantityPrinter::rounded($board->ambientCelsius(), Unit::Celsius) . "\nusual in a closed box"][] = '';
        }
        $words = [];
        foreach ($alike as $fact => $owners) {
            [$what, $because] = explode("\n", $fact);
            $owners = array_filter(array_unique($owners), static fn(string $owner): bool => '' !== $owner);
            $words[] = sprintf('%s%s (%s)', $what, [] === $owners ? '' : ', ' . implode(', ', $owners), $because);
        }

        return $words;
    }

    /**
     * @param array<mixed> $data
     * @param list<string> $path
     * @return iterable<array{list<string>, string, string}> path, value and reason
     */
    private static function assumed(array $data, array $path): iterable
    {
        foreach ($data as $key => $value) {
            if (!is_array($value)) {
                continue;
            }
            $here = [...$path, (string) $key];
            $known = $value['assumed'] ?? null;
            if (is_scalar($known) && is_string($value['because'] ?? null)) {
                yield [$here, is_bool($known) ? ($known ? 'yes' : 'no') : (string) $known, $value['because']];
            } else {
                yield from self::assumed($value, $here);
            }
        }
    }

    /**
     * @param list<string> $path
     */
    private static function field(array $path): string
    {
        $field = (string) preg_replace('/(Metres|Seconds|Amps|Ohms|Farads|Volts)$/', '', $path[count($path) - 1]);

        return strtolower((string) preg_replace('/(?<!^)(?=[A-Z])/', ' ', $field));
    }

    /**
     * @param list<string> $path
     */
    private static function owner(Board $board, array $path): string
    {
        foreach (array_reverse($path) as $step) {
            if (1 === preg_match('/^[A-Z]\d+$/', $step)) {
                return '“' . $board->nameOf($step) . '”';
            }
        }

        return '';
    }
}
