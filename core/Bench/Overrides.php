<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordWriter;

/** The same board with some facts otherwise, for one run: “this transistor has a gain of 110”. */
final class Overrides
{
    /**
     * @param array<string, string> $overrides by place in the board file, steps joined by dots
     * @throws \InvalidArgumentException when there is no such place, or it cannot hold the value
     */
    public static function on(Board $board, array $overrides): Board
    {
        if ([] === $overrides) {
            return $board;
        }
        $data = json_decode(json_encode(RecordWriter::write($board), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        if (!is_array($data)) {
            throw new \LogicException('A board is written as an object.');
        }
        foreach ($overrides as $place => $value) {
            $steps = explode('.', $place);
            $data = self::put($data, $steps, $value, $place);
        }
        try {
            return RecordReader::forFiles()->read(Board::class, $data);
        } catch (RecordFault $fault) {
            throw new \InvalidArgumentException($fault->getMessage());
        }
    }

    /**
     * @param array<mixed> $data
     * @param non-empty-list<string> $steps
     * @return array<mixed>
     */
    private static function put(array $data, array $steps, string $value, string $place): array
    {
        $step = array_shift($steps);
        if (!array_key_exists($step, $data)) {
            throw new \InvalidArgumentException(sprintf(
                'The board file has no “%s”: at “%s” stand %s.',
                $place,
                $step,
                implode(', ', array_map(strval(...), array_slice(array_keys($data), 0, 12))),
            ));
        }
        $inner = $data[$step];
        if ([] !== $steps && is_array($inner)) {
            $data[$step] = self::put($inner, $steps, $value, $place);
        } elseif ([] !== $steps) {
            throw new \InvalidArgumentException(sprintf('The board file has no “%s”: “%s” holds a single value.', $place, $step));
        } else {
            $data[$step] = match (true) {
                // A spread is said by one value: this copy has just that.
                is_array($inner) && isset($inner['min'], $inner['max']) => ['min' => $value, 'typ' => $value, 'max' => $value],
                is_array($inner) => ['stated' => self::plain($value)],
                default => is_string($inner) ? $value : self::plain($value),
            };
        }

        return $data;
    }

    private static function plain(string $value): bool|int|string|null
    {
        return match (true) {
            'true' === $value, 'false' === $value => 'true' === $value,
            '' === $value => null,
            1 === preg_match('/^-?\d{1,9}$/', $value) => (int) $value,
            default => $value,
        };
    }
}
