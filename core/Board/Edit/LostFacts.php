<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Record\RecordWriter;

/** What was stated of the old part and does not hold for the new one: said in the summary of the edit that replaces it. */
final class LostFacts
{
    /** Large, and nobody’s statements: the parts’ own data. */
    private const NOT_STATED = ['parts', 'partHashes'];
    private const SHOWN = 6;
    /** What is chosen and not stated, and is lost all the same. */
    private const CHOICES = '/^(seats\.F\d+\.pin|rails\.R\d+\.(socket|heatSink\w+)|lines\.L\d+\.actuators\.A\d+\.(holdRatio|paired)|'
        . 'lines\.L\d+\.feed)$/';

    /** A summary with what the edit loses behind it. */
    public static function after(string $summary, Board $before, Edit $edit): string
    {
        try {
            $lost = self::between($before, $edit->apply($before));
        } catch (EditRefused|\InvalidArgumentException) {
            return $summary;
        }
        $more = count($lost) - self::SHOWN;

        return [] === $lost ? $summary : sprintf(
            '%s; no longer holds: %s%s',
            $summary,
            implode(', ', array_slice($lost, 0, self::SHOWN)),
            $more > 0 ? sprintf(' and %d more', $more) : '',
        );
    }

    /**
     * @return list<string> in words, each with the value that it had
     */
    public static function between(Board $before, Board $after): array
    {
        $kept = self::stated($after);
        $lost = [];
        foreach (self::stated($before) as $path => $value) {
            if (!isset($kept[$path])) {
                $lost[] = self::words($before, $path, $value);
            }
        }

        return array_values(array_unique($lost));
    }

    /**
     * @return array<string, string> value by path
     */
    private static function stated(Board $board): array
    {
        return self::leaves(array_diff_key(RecordWriter::write($board), array_flip(self::NOT_STATED)), '', false);
    }

    /**
     * @param array<mixed> $data
     * @return array<string, string>
     */
    private static function leaves(array $data, string $path, bool $isFact): array
    {
        $leaves = [];
        foreach ($data as $key => $value) {
            $here = '' === $path ? (string) $key : $path . '.' . $key;
            if (is_array($value)) {
                $leaves = [...$leaves, ...self::leaves($value, $here, isset($value['stated']) || isset($value['target']))];
            } elseif (is_scalar($value) && ($isFact || 1 === preg_match(self::CHOICES, $here))) {
                $leaves[(string) preg_replace('/\.(stated|target)$/', '', $here)] = is_bool($value)
                    ? ($value ? 'yes' : 'no')
                    : (string) $value;
            }
        }

        return $leaves;
    }

    private static function words(Board $board, string $path, string $value): string
    {
        $steps = explode('.', $path);
        $owner = '';
        foreach ($steps as $step) {
            $owner = 1 === preg_match('/^[A-Z]\d+$/', $step) ? $step : $owner;
        }
        $field = $steps[count($steps) - 1];
        $name = 'pin' === $field ? 'pin' : strtolower((string) preg_replace(
            '/(?<!^)(?=[A-Z])/',
            ' ',
            (string) preg_replace('/(Metres|Seconds|Amps|Ohms|Farads|Volts|KelvinPerWatt)$/', '', $field),
        ));

        return sprintf('%s%s (%s)', '' === $owner ? '' : '“' . $board->nameOf($owner) . '” ', '' === $name ? $field : $name, $value);
    }
}
