<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/**
 * Reads a netlist after IPC-D-356A (its columns from memory): test points with net, part, pin, place and pad. Writers differ in signs,
 * in where the mask stands and in how they end lines; all of these are taken. Conductors are left aside: tracks are not measured.
 */
final class Ipc356
{
    public const MOST_RECORDS = 50_000;

    private const NO_NET = 'N/C';
    private const TEN_THOUSANDTH_INCH = 2.54e-6;
    private const THOUSANDTH_MILLIMETRE = 1e-6;
    private const UNITS = [self::TEN_THOUSANDTH_INCH, self::THOUSANDTH_MILLIMETRE, self::TEN_THOUSANDTH_INCH];
    private const RADIANS = 2;
    /** No board of a relay is longer: one that is was read in the wrong unit. */
    private const GREATEST_METRES = 2.0;

    private ?int $units = null;
    /** @var array<string, string> long names by short ones */
    private array $names = [];
    private string $net = '';
    /** @var array<int|string, int> how many records of each kind were left aside */
    private array $aside = [];

    private function __construct() {}

    /** Whether a text is of this kind at all. */
    public static function isOne(string $text): bool
    {
        return 1 === preg_match('/^(P  (JOB|UNITS|CODE|TITLE|NUM|REV|VER|IMAGE)|[03][126]7[^,;\t|]{11})/m', $text);
    }

    /** @throws Unreadable */
    public static function read(string $text): LayoutNetlist
    {
        return (new self())->all($text);
    }

    private function all(string $text): LayoutNetlist
    {
        $pads = [];
        $ended = false;
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $index => $line) {
            $line = rtrim($line);
            $ended = $ended || str_starts_with($line, '999');
            if ('' === $line || $ended) {
                continue;
            }
            $pad = match (true) {
                'C' === $line[0] => null,
                'P' === $line[0] => $this->parameter($line),
                1 === preg_match('/^[03]\d\d/', $line) => $this->record($line, $index + 1),
                default => throw new Unreadable(sprintf(
                    'Line %d is no record of IPC-D-356A: “%s”. A record begins with C, P or three digits.',
                    $index + 1,
                    mb_scrub(substr($line, 0, 30)),
                )),
            };
            if (null !== $pad && count($pads) >= self::MOST_RECORDS) {
                throw new Unreadable(sprintf('This netlist has more than %d pads: it is of another board.', self::MOST_RECORDS));
            }
            if (null !== $pad) {
                $pads[] = $pad;
            }
        }

        return new LayoutNetlist($this->checked($pads), $this->notes($ended));
    }

    private function parameter(string $line): null
    {
        if (1 === preg_match('/^P\s+UNITS\s+CUST\s*(\d)/', $line, $found)) {
            $this->units = isset(self::UNITS[(int) $found[1]]) ? (int) $found[1] : throw new Unreadable(
                sprintf('“%s” names no unit that IPC-D-356A knows: CUST 0, 1 or 2.', mb_scrub(substr($line, 0, 30))),
            );
        } elseif (1 === preg_match('/^P\s+UNITS\s+SI\b/', $line)) {
            $this->units = 1;
        } elseif (1 === preg_match('/^P\s+(NNAME\w*)\s+(\S.*)$/', $line, $found)) {
            $this->names[$found[1]] = trim($found[2]);
        }

        return null;
    }

    private function record(string $line, int $number): ?Pad
    {
        $kind = '3' . substr($line, 1, 2);
        $name = trim(substr($line, 3, 14));
        // What goes on belongs to the net that was named last.
        $this->net = '0' === $line[0] && '' === $name ? $this->net : ($this->names[$name] ?? $name);
        if ('317' !== $kind && '327' !== $kind) {
            $this->aside[$kind] = ($this->aside[$kind] ?? 0) + 1;

            return null;
        }
        $part = trim(substr($line, 20, 6));
        $isVia = 'VIA' === $part;
        $place = $this->place(substr($line, 41), $number);
        $hole = '317' === $kind && 1 === preg_match('/^D(\d{4})/', substr($line, 32), $found) ? (int) $found[1] * $this->metres() : 0.0;

        return new Pad(
            self::NO_NET === $this->net ? '' : $this->net,
            $isVia ? '' : $part,
            $isVia ? '' : trim(substr($line, 27, 4)),
            $number,
            ...$place,
            face: $this->face($kind, substr($line, 38, 3)),
            hole: $hole,
            isPlated: 'U' !== substr($line, 37, 1),
        );
    }

    /** Access 00 is both faces, 01 the top, another number the last layer; what has a hole, or says nothing, counts on both. */
    private function face(string $kind, string $access): Face
    {
        return match (true) {
            '317' === $kind, 1 !== preg_match('/^A(\d{1,2})/', $access, $layer), 0 === (int) $layer[1] => Face::Both,
            1 === (int) $layer[1] => Face::Top,
            default => Face::Bottom,
        };
    }

    /**
     * @return array{x: ?float, y: ?float, width: float, height: float, degrees: float}
     */
    private function place(string $columns, int $number): array
    {
        $pattern = '/^X([+\- ]?\s*\d{1,7})\s*Y([+\- ]?\s*\d{1,7})(?:\s*X\s*(\d{1,4}))?(?:\s*Y\s*(\d{1,4}))?(?:\s*R\s*(\d{1,4}))?/';
        if (1 !== preg_match($pattern, $columns, $found)) {
            if ('' === trim($columns)) {
                return ['x' => null, 'y' => null, 'width' => 0.0, 'height' => 0.0, 'degrees' => 0.0];
            }
            throw new Unreadable(sprintf(
                'Line %d says no place that can be read: “%s”. It stands from column 42 as X, Y and their digits.',
                $number,
                mb_scrub(substr($columns, 0, 20)),
            ));
        }
        $metres = static fn(string $digits, float $unit): float => (float) str_replace(' ', '', $digits) * $unit;
        $turn = (float) ($found[5] ?? 0);

        return [
            'x' => $metres($found[1], $this->metres()),
            'y' => $metres($found[2], $this->metres()),
            'width' => $metres($found[3] ?? '0', $this->metres()),
            'height' => $metres($found[4] ?? '0', $this->metres()),
            // Radians stand there in hundredths (taken so: the description in memory does not say it).
            'degrees' => self::RADIANS === $this->units ? rad2deg($turn / 100) : $turn,
        ];
    }

    private function metres(): float
    {
        return self::UNITS[$this->units ?? 0];
    }

    /**
     * @param list<Pad> $pads
     * @return list<Pad>
     */
    private function checked(array $pads): array
    {
        if ([] === $pads) {
            throw new Unreadable('This netlist has no pads: records that begin with 317 or 327 are missing.');
        }
        $xs = array_filter(array_map(static fn(Pad $pad): ?float => $pad->x, $pads), is_float(...));
        $ys = array_filter(array_map(static fn(Pad $pad): ?float => $pad->y, $pads), is_float(...));
        $reach = [] === $xs || [] === $ys ? 0.0 : max(max($xs) - min($xs), max($ys) - min($ys));
        if ($reach > self::GREATEST_METRES) {
            throw new Unreadable(sprintf(
                'Its pads lie %.1f m apart: its unit is not what its line “P  UNITS” says. Ask for it with the right one.',
                $reach,
            ));
        }

        return $pads;
    }

    /**
     * @return list<string>
     */
    private function notes(bool $ended): array
    {
        $tracks = ($this->aside['378'] ?? 0) + ($this->aside['379'] ?? 0);

        return array_values(array_filter([
            null === $this->units ? 'It names no unit: inches in ten-thousandths are taken, as is usual.' : '',
            $ended ? '' : 'It has no last line (999): if it was cut off, something is missing at its end.',
            0 < $tracks ? sprintf('%d records of tracks are not measured: only pads are.', $tracks) : '',
        ], static fn(string $note): bool => '' !== $note));
    }
}
