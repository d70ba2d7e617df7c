<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use Symfony\Component\Process\Process;

/**
 * A printed page as somebody sees it who has nothing else: straight lines, closed frames, dots and words. Chromium prints it; lines come
 * from pdftocairo and words from pdftotext (poppler, Debian package poppler-utils), both in points from the upper left corner.
 */
final readonly class PrintedPage
{
    /**
     * @param list<array{float, float, float, float}> $lines solid ones, both ends
     * @param list<array{float, float, float, float}> $frames left, top, right, bottom
     * @param list<array{float, float}> $dots
     * @param list<array{string, float, float, float, float}> $words with left, top, right, bottom
     */
    private function __construct(public array $lines, public array $frames, public array $dots, public array $words) {}

    /**
     * @return list<self>
     */
    public static function all(string $html): array
    {
        $folder = sys_get_temp_dir() . '/iron-latch-' . bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents($folder . '/sheets.html', $html);
        (new Process([
            '/usr/bin/chromium', '--headless', '--no-sandbox', '--disable-gpu', '--no-pdf-header-footer',
            '--user-data-dir=' . $folder . '/profile', '--print-to-pdf=' . $folder . '/sheets.pdf', 'file://' . $folder . '/sheets.html',
        ], timeout: 120))->mustRun();
        (new Process(['pdftotext', '-enc', 'UTF-8', '-bbox', $folder . '/sheets.pdf', $folder . '/words.html']))->mustRun();
        preg_match_all('/<page .*?<\/page>/s', (string) file_get_contents($folder . '/words.html'), $texts);
        $pages = [];
        foreach ($texts[0] as $place => $text) {
            $page = (string) ($place + 1);
            (new Process(['pdftocairo', '-svg', '-f', $page, '-l', $page, $folder . '/sheets.pdf', $folder . '/page.svg']))->mustRun();
            $pages[] = new self(...self::drawn((string) file_get_contents($folder . '/page.svg')), words: self::words($text));
        }
        (new Process(['rm', '-rf', $folder]))->mustRun();

        return $pages;
    }

    /**
     * @return list<array{string, float, float, float, float}>
     */
    private static function words(string $page): array
    {
        $form = '/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">(.*?)<\/word>/';
        preg_match_all($form, $page, $found, PREG_SET_ORDER);

        return array_map(
            static fn(array $word): array => [
                html_entity_decode($word[5], ENT_QUOTES | ENT_HTML5),
                (float) $word[1],
                (float) $word[2],
                (float) $word[3],
                (float) $word[4],
            ],
            $found,
        );
    }

    /**
     * @return array{lines: list<array{float, float, float, float}>, frames: list<array{float, float, float, float}>,
     *     dots: list<array{float, float}>}
     */
    private static function drawn(string $svg): array
    {
        $lines = $frames = $dots = [];
        $document = new \DOMDocument();
        $document->loadXML($svg);
        foreach ($document->getElementsByTagName('path') as $path) {
            $data = $path->getAttribute('d');
            if ('' === $data || self::isInside($path, 'defs') || self::isInside($path, 'clipPath')) {
                continue;
            }
            $matrix = self::matrix($path);
            $style = [];
            foreach (explode(';', $path->getAttribute('style')) as $property) {
                [$name, $value] = [...explode(':', $property, 2), ''];
                $style[trim($name)] = trim($value);
            }
            $isStroked = !in_array($style['stroke'] ?? 'none', ['', 'none'], true);
            $subpaths = self::subpaths($data, $matrix);
            if (str_contains($data, 'C')) {
                foreach ($isStroked ? [] : $subpaths as $points) {
                    [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
                    $dots[] = [(min($xs) + max($xs)) / 2, (min($ys) + max($ys)) / 2];
                }
            } elseif ($isStroked && !isset($style['stroke-dasharray'])) {
                foreach ($subpaths as $points) {
                    if (count($points) >= 4) {
                        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
                        $frames[] = [min($xs), min($ys), max($xs), max($ys)];
                    } elseif (2 === count($points)) {
                        $lines[] = [...$points[0], ...$points[1]];
                    }
                }
            }
        }

        return ['lines' => $lines, 'frames' => $frames, 'dots' => $dots];
    }

    private static function isInside(\DOMElement $element, string $name): bool
    {
        for ($parent = $element->parentNode; $parent instanceof \DOMElement; $parent = $parent->parentNode) {
            if ($parent->tagName === $name) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, float, float, float, float, float} */
    private static function matrix(\DOMElement $path): array
    {
        $found = preg_match('/matrix\(([^)]+)\)/', $path->getAttribute('transform'), $match);
        $values = array_map(floatval(...), 1 === $found ? self::split($match[1]) : []);

        return [$values[0] ?? 1.0, $values[1] ?? 0.0, $values[2] ?? 0.0, $values[3] ?? 1.0, $values[4] ?? 0.0, $values[5] ?? 0.0];
    }

    /** @return list<string> */
    private static function split(string $numbers): array
    {
        $parts = preg_split('/[\s,]+/', $numbers, flags: PREG_SPLIT_NO_EMPTY);

        return false === $parts ? [] : $parts;
    }

    /**
     * @param array{float, float, float, float, float, float} $matrix
     * @return list<non-empty-list<array{float, float}>>
     */
    private static function subpaths(string $data, array $matrix): array
    {
        preg_match_all('/([MLCHVZ])\s*([-\d.\s]*)/', $data, $commands, PREG_SET_ORDER);
        $subpaths = [];
        foreach ($commands as [, $command, $numbers]) {
            $values = array_map(floatval(...), self::split($numbers));
            if ('M' === $command) {
                $subpaths[] = [];
            }
            for ($place = 0; $place + 1 < count($values); $place += 2) {
                $point = [
                    $matrix[0] * $values[$place] + $matrix[2] * $values[$place + 1] + $matrix[4],
                    $matrix[1] * $values[$place] + $matrix[3] * $values[$place + 1] + $matrix[5],
                ];
                $subpaths[count($subpaths) - 1][] = $point;
            }
        }

        return array_values(array_filter($subpaths, static fn(array $points): bool => [] !== $points));
    }
}
