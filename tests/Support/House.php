<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

/** The picture of the house: every namespace in a row above those that it knows, as the imports in the code say. */
final class House
{
    private const BOX_WIDTH = 150;
    private const BOX_HEIGHT = 34;
    private const GAP = 18;
    private const ROW = 84;
    private const MARGIN = 20;

    /**
     * @return array<string, list<string>> what each namespace knows, by its name without “IronLatch”
     */
    public static function known(): array
    {
        $knows = [];
        foreach (['core', 'src'] as $folder) {
            foreach (Files::of($folder) as $file) {
                $code = (string) file_get_contents($file);
                if (1 !== preg_match('/^namespace IronLatch\\\\([^;]+);/m', $code, $own)) {
                    continue;
                }
                $name = self::room($own[1]);
                $knows[$name] ??= [];
                preg_match_all('/^use IronLatch\\\\([^;]+)\\\\\w+;/m', $code, $used);
                foreach ($used[1] as $other) {
                    if (self::room($other) !== $name) {
                        $knows[$name][self::room($other)] = true;
                    }
                }
            }
        }
        ksort($knows);

        return array_map(static function (array $others): array {
            ksort($others);

            return array_map(strval(...), array_keys($others));
        }, $knows);
    }

    /** Rooms with many cupboards are drawn as one: the edits, and the rules of all stages. */
    private static function room(string $namespace): string
    {
        return (string) preg_replace(
            ['/^Core\\\\Board\\\\Edit\\\\\w+$/', '/^Core\\\\Review\\\\\w+$/'],
            ['Core\Board\Edit', 'Core\Review\Rules'],
            $namespace,
        );
    }

    public static function svg(): string
    {
        $knows = self::known();
        $places = self::places($knows);
        $width = 2 * self::MARGIN + max([0, ...array_column($places, 0)]) + self::BOX_WIDTH;
        $height = 2 * self::MARGIN + max([0, ...array_column($places, 1)]) + self::BOX_HEIGHT;
        $svg = [sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" font-family="sans-serif" font-size="12">',
            $width,
            $height,
        )];
        $svg[] = '<title>Every namespace of Iron Latch above those that it knows</title>';
        $svg[] = sprintf('<rect width="%d" height="%d" fill="#faf9f4"/>', $width, $height);
        foreach ($knows as $name => $others) {
            foreach (array_intersect(self::withoutDetours($name, $knows), array_keys($places)) as $other) {
                [$x, $y, $toX, $toY] = [...$places[$name], ...$places[$other]];
                $svg[] = sprintf(
                    '<path d="M%1$d %2$dC%1$d %3$d %4$d %3$d %4$d %5$d" fill="none" stroke="#7d8585"/>',
                    self::MARGIN + $x + self::BOX_WIDTH / 2,
                    self::MARGIN + $y + self::BOX_HEIGHT,
                    self::MARGIN + ($y + $toY + self::BOX_HEIGHT) / 2,
                    self::MARGIN + $toX + self::BOX_WIDTH / 2,
                    self::MARGIN + $toY,
                );
            }
        }
        foreach ($places as $name => [$x, $y]) {
            $isCore = str_starts_with($name, 'Core');
            $svg[] = sprintf(
                '<rect x="%d" y="%d" width="%d" height="%d" fill="%s" stroke="#2b3436"/><text x="%d" y="%d" text-anchor="middle">%s</text>',
                self::MARGIN + $x,
                self::MARGIN + $y,
                self::BOX_WIDTH,
                self::BOX_HEIGHT,
                $isCore ? '#d8e8e4' : '#ece6d6',
                self::MARGIN + $x + self::BOX_WIDTH / 2,
                self::MARGIN + $y + 21,
                strtr($isCore ? substr($name, 5) : $name, ['\\' => ' / ']),
            );
        }

        return implode("\n", [...$svg, '</svg>', '']);
    }

    /**
     * @param array<string, list<string>> $knows
     * @return array<string, array{int, int}> x and y of each box
     */
    private static function places(array $knows): array
    {
        $rows = [];
        foreach (array_keys($knows) as $name) {
            $rows[self::level($name, $knows)][] = $name;
        }
        krsort($rows);
        $most = max([1, ...array_map(count(...), array_values($rows))]);
        $places = [];
        foreach (array_values($rows) as $row => $names) {
            foreach ($names as $column => $name) {
                $indent = intdiv(($most - count($names)) * (self::BOX_WIDTH + self::GAP), 2);
                $places[$name] = [$indent + $column * (self::BOX_WIDTH + self::GAP), $row * self::ROW];
            }
        }

        return $places;
    }

    /**
     * How many others stand one upon the other below it.
     *
     * @param array<string, list<string>> $knows
     */
    private static function level(string $name, array $knows): int
    {
        $below = array_map(static fn(string $other): int => 1 + self::level($other, $knows), $knows[$name] ?? []);

        return [] === $below ? 0 : max($below);
    }

    /**
     * What a namespace knows and does not reach through another one that it knows.
     *
     * @param array<string, list<string>> $knows
     * @return list<string>
     */
    private static function withoutDetours(string $name, array $knows): array
    {
        $reached = [];
        foreach ($knows[$name] as $other) {
            array_push($reached, ...self::reached($other, $knows));
        }

        return array_values(array_diff($knows[$name], $reached));
    }

    /**
     * @param array<string, list<string>> $knows
     * @return list<string>
     */
    private static function reached(string $name, array $knows): array
    {
        $reached = $knows[$name] ?? [];
        foreach ($knows[$name] ?? [] as $other) {
            array_push($reached, ...self::reached($other, $knows));
        }

        return array_values(array_unique($reached));
    }
}
