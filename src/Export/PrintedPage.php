<?php

declare(strict_types=1);

namespace IronLatch\Export;

/** A page to print, in one file that needs no other: A4 or Letter, in grey, with its name and number on each sheet. */
final class PrintedPage
{
    private const PAPERS = ['a4' => 'A4', 'letter' => 'letter'];

    /** @var list<string> */
    private array $parts = [];

    /**
     * @param string $foot what stands at the foot of each sheet: board, revision, date
     * @param string $paper “a4” or “letter”; anything else is the first
     * @param bool $isLarge for the workbench, to be read from a step away
     */
    public function __construct(
        private readonly string $title,
        private readonly string $foot,
        private readonly string $paper = 'a4',
        private readonly bool $isLarge = false,
    ) {}

    public static function text(string $says): string
    {
        return htmlspecialchars($says, ENT_QUOTES | ENT_SUBSTITUTE);
    }

    public function heading(string $says): void
    {
        $this->parts[] = sprintf('<h2>%s</h2>', self::text($says));
    }

    public function paragraph(string $says): void
    {
        $this->parts[] = sprintf('<p>%s</p>', self::text($says));
    }

    /** What can hurt somebody. */
    public function caution(string $says): void
    {
        $this->parts[] = sprintf('<p class="caution"><strong>Caution.</strong> %s</p>', self::text($says));
    }

    /**
     * @param list<string> $points
     * @param bool $isTicked each has a box to tick
     */
    public function points(array $points, bool $isTicked = false): void
    {
        if ([] !== $points) {
            $this->parts[] = sprintf('<ul%s><li>%s</li></ul>', $isTicked ? ' class="ticked"' : '', implode('</li><li>', array_map(
                self::text(...),
                $points,
            )));
        }
    }

    /**
     * A table, without the columns that would be empty in every row.
     *
     * @param list<string> $header
     * @param list<list<string>> $rows
     * @param list<string> $toFill headings of the columns that are filled in by hand
     */
    public function table(string $caption, array $header, array $rows, array $toFill = []): void
    {
        if ([] === $rows) {
            return;
        }
        $kept = array_filter(
            $header,
            static fn(string $title, int $column): bool => in_array($title, $toFill, true) || [] !== array_filter(
                array_column($rows, $column),
                static fn(string $cell): bool => '' !== $cell,
            ),
            ARRAY_FILTER_USE_BOTH,
        );
        $class = static fn(string $title): string => in_array($title, $toFill, true) ? ' class="fill"' : '';
        $heads = '';
        $cells = array_fill(0, count($rows), '');
        foreach ($kept as $column => $title) {
            $heads .= sprintf('<th scope="col"%s>%s</th>', $class($title), self::text($title));
            foreach ($rows as $place => $row) {
                $cells[$place] .= sprintf('<td%s>%s</td>', $class($title), self::text($row[$column]));
            }
        }
        $this->parts[] = sprintf(
            '<table><caption>%s</caption><thead><tr>%s</tr></thead><tbody><tr>%s</tr></tbody></table>',
            self::text($caption),
            $heads,
            implode('</tr><tr>', $cells),
        );
    }

    /** Markup of its own, such as a drawing. */
    public function raw(string $markup): void
    {
        $this->parts[] = $markup;
    }

    public function html(): string
    {
        $foot = addcslashes(str_replace(["\n", "\r"], ' ', $this->foot), '"\\');
        $style = strtr((string) file_get_contents(__DIR__ . '/page.css'), [
            '/* size */' => 'size: ' . (self::PAPERS[$this->paper] ?? self::PAPERS['a4']) . ';',
            '/* foot */' => 'content: "' . str_replace('</', '<\/', $foot) . '";',
            '/* text */' => 'font-size: ' . ($this->isLarge ? '16pt' : '10pt') . ';',
        ]);

        return sprintf(
            "<!doctype html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n"
                . "<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n<title>%s</title>\n<style>\n%s</style>\n"
                . "</head>\n<body>\n<main>\n<h1>%s</h1>\n%s\n</main>\n</body>\n</html>\n",
            self::text($this->title),
            $style,
            self::text($this->title),
            implode("\n", $this->parts),
        );
    }
}
