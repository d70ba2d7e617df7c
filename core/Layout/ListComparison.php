<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Build\FittedBy;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PartsRow;
use IronLatch\Core\Review\Severity;

/** A list of parts or of places against the parts list of the board. */
final class ListComparison
{
    /** Two angles are the same within so many degrees: lists are rounded. */
    private const SAME_DEGREES = 1.0;
    private const MOST_PARTS = 20_000;

    /** @var array<string, PartsRow> by designator */
    private array $ours = [];
    /** @var array<string, string> designator by itself in small letters */
    private array $byName = [];
    /** @var array<string, list<int>> rows by designator here */
    private array $rows = [];
    /** @var list<LayoutFinding> */
    private array $findings = [];

    private function __construct(
        private readonly OwnNetlist $own,
        private readonly ListTable $table,
        PartsList $list,
        private readonly Decisions $decisions,
        private readonly ?PartMatch $layout,
    ) {
        foreach ($list->rows as $row) {
            foreach (FittedBy::Nobody === $row->fittedBy ? [] : $row->designators as $designator) {
                $this->ours[$designator] = $row;
                $this->byName[strtolower($designator)] = $designator;
            }
        }
    }

    /**
     * @param ?PartMatch $layout the layout of the same connections, as its netlist came back: it says how parts lie
     * @return array{list<LayoutFinding>, list<string>} and what was not compared
     */
    public static function of(OwnNetlist $own, ListTable $table, PartsList $list, Decisions $decisions, ?PartMatch $layout): array
    {
        $comparison = new self($own, $table, $list, $decisions, $layout);
        $comparison->compare();

        return [$comparison->findings, $comparison->notCompared()];
    }

    private function compare(): void
    {
        $named = 0;
        foreach (array_keys($this->table->rows) as $row) {
            foreach ($this->table->designators($row) as $name) {
                if (++$named > self::MOST_PARTS) {
                    throw new Unreadable(sprintf('This list names more than %d parts: it is of another board.', self::MOST_PARTS));
                }
                $this->named($name, $row);
            }
        }
        $this->missing();
        $this->counts();
        foreach ($this->rows as $part => $rows) {
            $this->values($part, $rows[0]);
        }
        if ($this->table->has(ListColumn::Side)) {
            $faces = array_filter(array_map(fn(array $rows): ?Face => $this->face($rows[0]), $this->rows));
            $machine = array_filter($this->ours, static fn(PartsRow $row): bool => FittedBy::Assembler === $row->fittedBy);
            array_push($this->findings, ...Sides::of($this->own->board, array_intersect_key($faces, $machine), $this->rows));
        }
        if ($this->table->has(ListColumn::Rotation) && null !== $this->layout) {
            $this->rotations($this->layout);
        }
        $this->stock();
    }

    private function named(string $name, int $row): void
    {
        $id = $this->decisions->parts[$name] ?? $this->byName[strtolower($name)] ?? null;
        if (null !== $id && isset($this->ours[$id])) {
            if (1 === count($this->rows[$id] ?? [])) {
                $this->add(
                    LayoutFault::OtherCount,
                    Severity::Broken,
                    sprintf('%s stands in this list more than once.', $id),
                    [$id],
                    [$this->rows[$id][0], $row],
                );
            }
            $this->rows[$id][] = $row;
        } elseif ('' !== $id && !isset($this->own->connections->devices[$name])) {
            $this->add(
                LayoutFault::Extra,
                Severity::Weak,
                sprintf('“%s” is no part of this board that lies on it.', $name),
                [],
                [$row],
                $name,
            );
        }
    }

    /** An assembler’s list names what it fits; any other list names everything on the board. */
    private function missing(): void
    {
        $machine = array_filter($this->ours, static fn(PartsRow $row): bool => FittedBy::Assembler === $row->fittedBy);
        foreach (array_diff_key([] === $machine ? $this->ours : $machine, $this->rows) as $part => $row) {
            $this->add(LayoutFault::Missing, Severity::Broken, sprintf('%s (%s) is missing from this list.', $part, $row->what), [$part]);
        }
    }

    private function counts(): void
    {
        $rows = [];
        foreach ($this->table->has(ListColumn::Quantity) ? array_keys($this->table->rows) : [] as $row) {
            $named = count($this->table->designators($row));
            $said = $this->table->cell($row, ListColumn::Quantity);
            if (0 < $named && 1 === preg_match('/^\d{1,6}$/', $said)) {
                $rows[$row] = [(int) $said, $named];
            }
        }
        $boards = self::boards($rows);
        foreach ($rows as $row => [$said, $named]) {
            if ($said !== $named * $boards) {
                $parts = array_values(array_intersect($this->table->designators($row), array_keys($this->ours)));
                $value = $this->table->cell($row, ListColumn::Value);
                $this->add(LayoutFault::OtherCount, Severity::Broken, sprintf(
                    'It counts %d of %s, and names %d%s.',
                    $said,
                    '' === $value ? implode(' ', $parts) : $value,
                    $named,
                    1 === $boards ? '' : sprintf(' for each of %d boards', $boards),
                ), $parts, [$row]);
            }
        }
    }

    /**
     * A list for five boards counts five of each: as most rows do.
     *
     * @param array<int, array{int, int}> $rows pieces that are counted, and that are named
     */
    private static function boards(array $rows): int
    {
        $whole = array_filter($rows, static fn(array $one): bool => 0 < $one[0] && 0 === $one[0] % $one[1]);
        $counts = array_count_values(array_map(static fn(array $one): int => intdiv($one[0], $one[1]), $whole));
        arsort($counts);

        return array_key_first($counts) ?? 1;
    }

    private function values(string $part, int $row): void
    {
        $ours = $this->ours[$part];
        $device = $this->own->connections->devices[$part] ?? null;
        $value = $this->table->cell($row, ListColumn::Value);
        if ('' !== $value && null !== $device && false === PartWords::sameValue($device->kind, $ours->what, $value)) {
            $this->add(
                LayoutFault::OtherValue,
                Severity::Broken,
                sprintf('%s is “%s” there, and %s here.', $part, $value, $ours->what),
                [$part],
                [$row],
            );
        }
        $package = $this->table->cell($row, ListColumn::Package);
        if ('' !== $package && false === PartWords::samePackage($ours->package, $package)) {
            $this->add(
                LayoutFault::OtherPackage,
                Severity::Broken,
                sprintf('%s has the package “%s” there, and %s here.', $part, $package, $ours->package),
                [$part],
                [$row],
            );
        }
    }

    private function face(int $row): ?Face
    {
        $said = $this->table->cell($row, ListColumn::Side);

        return match (1) {
            preg_match('/^(t|top|f|front|1|top ?layer|f\.cu|component side|oben)$/i', $said) => Face::Top,
            preg_match('/^(b|bot|bottom|back|2|bottom ?layer|b\.cu|solder side|unten)$/i', $said) => Face::Bottom,
            default => null,
        };
    }

    private function rotations(PartMatch $layout): void
    {
        $off = [];
        foreach ($this->rows as $part => $rows) {
            $device = $this->own->connections->devices[$part] ?? null;
            $orientation = null === $device ? null : Orientation::of($device, $this->own);
            $turned = $orientation?->turned($part, $layout->pads);
            $said = str_replace([',', '°'], ['.', ''], $this->table->cell($rows[0], ListColumn::Rotation));
            if (null === $orientation || null === $turned || !is_numeric($said)) {
                continue;
            }
            $angles = $orientation->angles($turned, $this->face($rows[0]) ?? Face::Top);
            $apart = array_map(static fn(float $angle): float => abs(fmod($angle - (float) $said + 1260.0, 360.0) - 180.0), $angles);
            $off[$device->kind->value . ' ' . $this->ours[$part]->package][$part] = min($apart) <= self::SAME_DEGREES
                ? null
                : [$angles[0], (float) $said, $rows[0]];
        }
        foreach ($off as $parts) {
            $this->turned($parts);
        }
    }

    /**
     * Parts of one package: where all are turned alike, the desk counts from elsewhere; where some are, those are.
     *
     * @param array<string, ?array{float, float, int}> $parts what they should say, what they say, and where; null where both agree
     */
    private function turned(array $parts): void
    {
        $wrong = array_filter($parts);
        $by = array_map(static fn(array $one): int => (int) round(fmod($one[1] - $one[0] + 720.0, 360.0)) % 360, $wrong);
        if (count($wrong) > 1 && count($wrong) === count($parts) && 1 === count(array_unique($by))) {
            $this->add(LayoutFault::Turned, Severity::Weak, sprintf(
                'All of %s are turned by %d° more than their pads lie. If the list counts from another side of the part, the assembler '
                    . 'must count so too: ask, or see its picture.',
                implode(', ', array_keys($wrong)),
                current($by),
            ), array_keys($wrong), array_values(array_map(static fn(array $one): int => $one[2], $wrong)));

            return;
        }
        foreach ($wrong as $part => [$should, $says, $row]) {
            $this->add(
                LayoutFault::Turned,
                Severity::Broken,
                sprintf('%s is turned by %s° there; by its pads it lies at %s°.', $part, round($says, 1), round($should, 1)),
                [$part],
                [$row],
            );
        }
    }

    private function stock(): void
    {
        foreach ($this->table->has(ListColumn::Stock) ? array_keys($this->table->rows) : [] as $row) {
            $said = strtolower($this->table->cell($row, ListColumn::Stock));
            $parts = array_values(array_intersect($this->table->designators($row), array_keys($this->ours)));
            $wanted = max(count($parts), (int) $this->table->cell($row, ListColumn::Quantity));
            $number = str_replace([',', ' ', '.'], '', $said);
            $isShort = ctype_digit($number) ? (int) $number < $wanted : in_array($said, ['no', 'none', 'out', 'out of stock', 'n'], true);
            if ([] !== $parts && $isShort) {
                $this->add(
                    LayoutFault::NotInStock,
                    Severity::Weak,
                    sprintf('%s: %d wanted, “%s” in stock.', implode(', ', $parts), $wanted, $this->table->cell($row, ListColumn::Stock)),
                    $parts,
                    [$row],
                );
            }
        }
    }

    /**
     * @return list<string>
     */
    private function notCompared(): array
    {
        $has = $this->table->has(...);
        $unread = [];
        foreach ($this->rows as $part => $rows) {
            $ours = $this->ours[$part]->package;
            $package = $this->table->cell($rows[0], ListColumn::Package);
            if ('' !== $package && '' !== $ours && null === PartWords::samePackage($ours, $package)) {
                $unread[$package] = $package;
            }
        }
        $unread = implode(', ', array_slice($unread, 0, 12));

        return array_values(array_filter([
            $has(ListColumn::Value) ? '' : 'It names no values: they are not compared.',
            $has(ListColumn::Package) ? '' : 'It names no packages: they are not compared.',
            '' === $unread ? '' : sprintf('Packages that are not known by name were not compared: %s.', $unread),
            $has(ListColumn::Rotation) && null === $this->layout
                ? 'How parts are turned is not compared: read the netlist of the same layout first, which says where their pads lie.'
                : '',
        ], static fn(string $note): bool => '' !== $note));
    }

    /**
     * @param list<string> $parts
     * @param list<int> $rows
     */
    private function add(
        LayoutFault $fault,
        Severity $severity,
        string $statement,
        array $parts,
        array $rows = [],
        string $settles = '',
    ): void {
        $subjects = array_map(fn(string $part): string => $this->own->connections->devices[$part]->subject ?? '', $parts);
        $lines = $this->own->linesOf(array_fill_keys($subjects, true));
        $this->findings[] = new LayoutFinding($fault, $severity, $statement, $parts, [], $lines, $rows, settles: $settles);
    }
}
