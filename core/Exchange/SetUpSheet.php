<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\Column;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;

/** What to set up on one surface, in order: one row for each line and group, with nothing left to be thought of. */
final readonly class SetUpSheet
{
    /**
     * @param list<string> $steps before the rows
     * @param list<string> $header
     * @param list<list<string>> $rows
     */
    private function __construct(
        public string $column,
        public string $title,
        public array $steps,
        public array $header,
        public array $rows,
    ) {}

    /**
     * @param ?Report $report what the maker lets stand is printed beside each line
     * @return array<string, self> by column
     */
    public static function all(Inspection $inspection, ?Report $report = null): array
    {
        $beside = null === $report ? [] : Headline::besideLines($inspection->board, $report);
        $sheets = [];
        foreach ($inspection->controls->columns as $id => $column) {
            $sheet = null !== $column->profile
                ? self::channel($inspection, $column, $column->profile, $beside)
                : self::wired($inspection, $column, $beside);
            if ([] !== $sheet->rows) {
                $sheets[$id] = $sheet;
            }
        }

        return $sheets;
    }

    /**
     * @param list<string> $remarks that stand above everything
     */
    public function csv(array $remarks): string
    {
        return Csv::write([...array_map(static fn(string $remark): array => [$remark], $remarks), $this->header, ...$this->rows]);
    }

    /**
     * Which states on a channel are those of the command, because nothing hears behind the contact.
     *
     * @return list<string>
     */
    private static function commanded(Inspection $inspection, Column $column): array
    {
        $names = [];
        foreach ($inspection->controls->on($column->id) as $entry) {
            $line = $inspection->board->lines[$entry->line];
            if ('' !== $entry->state && null === $line->sense) {
                $names[$entry->line] = '“' . $line->name . '”';
            }
        }

        return [] === $names ? [] : [sprintf(
            'The state shown of %s is the one that was commanded: a contact that has welded does not show.',
            implode(', ', $names),
        )];
    }

    /**
     * @param array<string, list<string>> $beside what the maker lets stand, by line
     */
    private static function channel(Inspection $inspection, Column $column, SurfaceProfile $profile, array $beside): self
    {
        $board = $inspection->board;
        $says = match ($profile->addressing) {
            Addressing::Command => 'Text',
            Addressing::Topic => 'Topic',
            Addressing::Path => 'Path',
            Addressing::Number => 'Number',
            Addressing::Name => 'Spoken name',
        };
        $rows = [];
        foreach ($inspection->controls->on($column->id) as $entry) {
            $rows[] = [
                (string) (count($rows) + 1),
                $profile->entryKind,
                $board->lines[$entry->line]->name,
                $entry->address,
                $entry->on,
                $entry->off,
                self::third($entry),
                '' === $entry->state ? 'none' : $entry->state,
                self::acts($entry, $beside[$board->lines[$entry->line]->name] ?? []),
            ];
        }
        foreach ($inspection->controls->groups as $group) {
            if ($group->column === $column->id) {
                $rows[] = [
                    (string) (count($rows) + 1),
                    'group',
                    $board->lineGroups[$group->group]->name,
                    $group->address,
                    '' === $group->on ? 'not on' : $group->on,
                    $group->off,
                    'none',
                    'none',
                    implode(
                        ', ',
                        array_map(static fn(string $line): string => $board->lines[$line]->name, $board->lineGroups[$group->group]->lines),
                    ),
                ];
            }
        }
        $steps = [
            sprintf(
                'It needs: %s.',
                [] === $profile->needs ? 'nothing beside the board' : implode(
                    ', ',
                    array_map(static fn($need): string => $need->value, $profile->needs),
                ),
            ),
            ...0 === $profile->capacity ? [] : [sprintf('It takes %d entries; this sheet has %d.', $profile->capacity, count($rows))],
            sprintf('Create one %s for each row, in this order, and tick it off.', $profile->entryKind),
            ...self::commanded($inspection, $column),
            'Try each at low voltage before mains is connected.',
        ];

        return new self(
            $column->id,
            $column->title,
            $steps,
            ['No.', 'Create', 'Name', $says, 'On', 'Off', 'Set or flip', 'State', 'Acts as'],
            $rows,
        );
    }

    /**
     * @param array<string, list<string>> $beside what the maker lets stand, by line
     */
    private static function wired(Inspection $inspection, Column $column, array $beside): self
    {
        $board = $inspection->board;
        $isReceiver = isset($board->functions[$column->id]);
        $rows = [];
        foreach ($inspection->controls->on($column->id) as $entry) {
            $surface = $board->lines[$entry->line]->surfaces[$entry->surface];
            $pin = '' === $surface->function ? null : $inspection->seating->pins[$surface->function] ?? null;
            $rows[] = $isReceiver
                ? [
                    (string) (count($rows) + 1),
                    $board->lines[$entry->line]->name,
                    $entry->code?->printed() ?? 'not assigned',
                    null === $entry->code ? 'not assigned' : sprintf('%d bits, %s', $entry->code->bits, $entry->code->encoding->value),
                    $entry->offCode?->printed() ?? (Operation::Toggle === $entry->operation ? 'the same' : 'none'),
                    self::acts($entry, $beside[$board->lines[$entry->line]->name] ?? []),
                ]
                : [
                    (string) (count($rows) + 1),
                    $board->lines[$entry->line]->name,
                    $entry->address,
                    $entry->kind->value,
                    $pin?->bothNames() ?? ('' === $surface->function ? 'no pin of its own' : 'not seated'),
                    self::acts($entry, $beside[$board->lines[$entry->line]->name] ?? []),
                ];
        }

        return $isReceiver
            ? new self(
                $column->id,
                $column->title,
                [
                    'Point the remote at the receiver, press each key, and compare what is received.',
                    'Write the line beside its key on the remote.',
                ],
                ['No.', 'Line', 'Key', 'Kind of code', 'Key for off', 'Acts as'],
                $rows,
            )
            : new self(
                $column->id,
                $column->title,
                [ControlMap::BY_HAND === $column->id
                    ? 'Wire each contact between its pin and ground, away from mains.'
                    : 'Check that each does what its row says.'],
                ['No.', 'Line', 'By', 'Kind', 'Pin', 'Acts as'],
                $rows,
            );
    }

    /**
     * @param list<string> $notes what the maker lets stand of its line
     */
    private static function acts(Entry $entry, array $notes): string
    {
        $acts = $entry->operation->value . (SurfaceKind::Knob === $entry->kind ? ', when it is moved' : '') . implode(
            '',
            array_map(static fn(string $note): string => '. ' . $note, $notes),
        );
        if ([] === $entry->ranges || !$entry->operation->isGraded()) {
            return $acts;
        }

        return $acts . ': ' . implode(
            ', ',
            array_map(
                static fn(int $step, array $range): string => sprintf(
                    '%s %% %s',
                    $range[0] === $range[1] ? (string) $range[0] : $range[0] . '–' . $range[1],
                    0 === $step ? 'off' : 'step ' . $step,
                ),
                array_keys($entry->ranges),
                $entry->ranges,
            ),
        );
    }

    private static function third(Entry $entry): string
    {
        return match (true) {
            Operation::Toggle === $entry->operation && '' !== $entry->toggle => $entry->toggle,
            $entry->operation->isGraded() && '' !== $entry->set => $entry->set,
            default => 'none',
        };
    }
}
