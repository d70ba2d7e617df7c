<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Review\Inspection;

/** What becomes of the program in use when a board changes: whether it stays as it is, gets other constants, or more parts. */
final readonly class ProgramChange
{
    /**
     * @param bool $isSame the very same program
     * @param list<ProgramPart> $new parts that it did not have
     */
    private function __construct(public bool $isSame, public array $new) {}

    /** The same for boards that the very same program runs. */
    public static function fingerprint(Inspection $inspection): string
    {
        return hash('sha256', self::tables($inspection)[0] . $inspection->controller->chip->identity->id);
    }

    public static function between(Inspection $before, Inspection $after): self
    {
        [$was, $had] = self::tables($before);
        [$is, $has] = self::tables($after);

        return new self($was === $is && $before->controller->chip->identity->id === $after->controller->chip->identity->id, array_values(
            array_filter($has, static fn(ProgramPart $one): bool => !in_array($one, $had, true)),
        ));
    }

    public static function ofBoards(Board $before, Board $after): self
    {
        return self::between(new Inspection($before), new Inspection($after));
    }

    /**
     * @return array{string, list<ProgramPart>}
     */
    private static function tables(Inspection $inspection): array
    {
        $tables = ProgramTables::of(ProgramFiles::plan($inspection));
        $pins = PinTables::of($inspection, $tables);
        // Names of pins are documentation: a line that is only called otherwise is switched by the same program.
        $rows = array_map(
            static fn(array $own): array => array_map(
                static fn(string $row): string => (string) preg_replace('~\s*//.*$~', '', $row),
                $own,
            ),
            [...$tables->rows(), ...$pins->rows],
        );

        // What is announced and shown on a panel bears names, and they are in the program.
        $links = true === SketchChip::of($inspection)?->hasRadio()
            ? LinkTables::of($inspection, $tables, PanelPage::of($inspection, '{{title}} {{board}}'))
            : null;
        $line = SerialLine::of($inspection);

        return [
            serialize([$rows, $tables->numbers(), $tables->texts(), $pins->numbers, (array) $links, $line->begins]),
            ProgramPart::of($tables, $pins),
        ];
    }

    public function words(): string
    {
        return match (true) {
            $this->isSame => 'The same program runs it: nothing has to be uploaded.',
            [] === $this->new => 'The same parts of the program, with other constants: build it again and upload it.',
            default => sprintf(
                'The program gets parts that it did not have: %s. Build it again, try the wiring of what is new, and upload it.',
                implode(', ', array_map(static fn(ProgramPart $one): string => $one->value, $this->new)),
            ),
        };
    }
}
