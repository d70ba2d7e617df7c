<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Record\Copy;

/** Lets the lines of a board follow the rows of its changed brief: those that go, those that change, those that are new. */
final readonly class RowChanges
{
    private Asked $asked;

    /**
     * @param Brief $from of the board as it is
     * @param Brief $to whose rows know their lines
     */
    public function __construct(private Brief $from, private Brief $to, private Catalogue $catalogue)
    {
        $this->asked = new Asked($to, $catalogue);
    }

    /** Rows of a sentence do not know which lines they are: they are those of the same appliance, by name first. */
    public static function recognised(Board $board, Brief $from, Brief $to): Brief
    {
        $rows = $taken = [];
        foreach ($to->appliances as $row) {
            $known = array_filter($row->lines, static fn(string $line): bool => isset($board->lines[$line]) && !isset($taken[$line]));
            $taken += array_fill_keys($known, true);
            $rows[] = Copy::of($row, ['lines' => array_values($known)]);
        }
        foreach ($rows as $at => $row) {
            if ([] === $row->lines) {
                $rows[$at] = self::withLines($row, $from, $taken);
                $taken += array_fill_keys($rows[$at]->lines, true);
            }
        }

        return Copy::of($to, ['appliances' => $rows]);
    }

    /**
     * What no sentence can say, such as a sensor’s rule, stays as it is.
     *
     * @param array<string, true> $taken lines of other rows
     */
    private static function withLines(Wanted $row, Brief $from, array $taken): Wanted
    {
        $alike = array_filter(
            $from->appliances,
            static fn(Wanted $old): bool => $old->appliance === $row->appliance && (null !== $row->appliance || $old->name === $row->name),
        );
        usort($alike, static fn(Wanted $a, Wanted $b): int => ($b->name === $row->name) <=> ($a->name === $row->name));
        $lines = array_merge([], ...array_map(static fn(Wanted $old): array => $old->lines, $alike));
        $free = array_slice(array_values(array_diff($lines, array_map(strval(...), array_keys($taken)))), 0, $row->count);

        if ([] === $free) {
            return $row;
        }
        $unspoken = array_filter($alike[0]->by, static fn(SurfaceKind $way): bool => !in_array($way, Words::WAYS, true));

        return Copy::of($row, ['lines' => $free, 'name' => $alike[0]->name, 'by' => [...$row->by, ...array_values($unspoken)]]);
    }

    /**
     * @return array{Drafting, list<Wanted>} rows that know their lines
     */
    public function made(Drafting $drafting): array
    {
        $drafting = $this->withoutRemoved($drafting);
        $rows = [];
        foreach ($this->to->appliances as $row) {
            $lines = self::kept($row);
            foreach ($this->from->appliances as $old) {
                $same = array_values(array_intersect($lines, $old->lines));
                $drafting = [] === $same ? $drafting : $this->changed($drafting, $old, $row, $same);
            }
            $names = Asked::names($drafting->board, $row, $row->count - count($lines));
            [$drafting, $new] = $this->asked->row($drafting, $row, $names);
            $drafting = [] === $new ? $drafting : $drafting->deciding('new: ' . implode(', ', $names));
            $rows[] = Copy::of($row, ['lines' => [...$lines, ...$new]]);
        }

        return [$drafting, $rows];
    }

    /**
     * @return list<string> lines of a row that it still asks for
     */
    private static function kept(Wanted $row): array
    {
        return array_slice($row->lines, 0, $row->count);
    }

    /** Lines of rows that are gone, or that ask for fewer. */
    private function withoutRemoved(Drafting $drafting): Drafting
    {
        $kept = array_merge([], ...array_map(self::kept(...), $this->to->appliances));
        foreach ($this->from->appliances as $old) {
            foreach (array_diff($old->lines, $kept) as $line) {
                $drafting = $drafting->made(new RemoveLine($line), sprintf('“%s” is taken off', $drafting->board->nameOf($line)));
            }
        }

        return $drafting;
    }

    /**
     * Appliance, watts, what is said of its starting, and hands of lines that there are already.
     *
     * @param non-empty-list<string> $lines
     */
    private function changed(Drafting $drafting, Wanted $old, Wanted $row, array $lines): Drafting
    {
        $drafting = $this->described($drafting, $old, $row, $lines);
        if ([$old->mayStart, $old->mustComeBack] !== [$row->mayStart, $row->mustComeBack]) {
            $drafting = $this->asked->restored($drafting, $row, $lines);
        }
        [$before, $after] = [$this->from->waysFor($old), $this->to->waysFor($row)];
        $more = array_udiff($after, $before, self::apart(...));
        if ([] !== $more) {
            $words = implode(', ', array_map(static fn(SurfaceKind $way): string => $way->value, $more));
            $drafting = $this->asked->operated($drafting, $lines, array_values($more))
                ->deciding(sprintf('“%s” is operated by %s as well', $row->name, $words));
        }

        return self::withoutWays($drafting, $lines, array_udiff($before, $after, self::apart(...)));
    }

    private static function apart(SurfaceKind $one, SurfaceKind $other): int
    {
        return $one->value <=> $other->value;
    }

    /**
     * @param non-empty-list<string> $lines
     */
    private function described(Drafting $drafting, Wanted $old, Wanted $row, array $lines): Drafting
    {
        $appliance = $this->catalogue->part($row->appliance ?? '');
        $isOther = $old->appliance !== $row->appliance;
        $isNewlyDescribed = null === $row->appliance
            && ($isOther || [$old->load, $old->mayStart, $old->mustComeBack] !== [$row->load, $row->mayStart, $row->mustComeBack]);
        foreach ($lines as $line) {
            if ($isOther && $appliance instanceof Appliance) {
                $words = sprintf('“%s” becomes: %s', $drafting->board->nameOf($line), $appliance->identity->name);
                $drafting = $drafting->made(new ChooseAppliance($line, $appliance), $words);
            }
            $drafting = $isNewlyDescribed ? $this->asked->described($drafting, $row, $line) : $drafting;
            if (null !== $row->watts && $old->watts !== $row->watts) {
                $drafting = $drafting->made(
                    new StateLoad($line, $row->watts),
                    sprintf('“%s” draws %g W', $drafting->board->nameOf($line), $row->watts),
                );
            }
        }

        return $drafting;
    }

    /**
     * @param non-empty-list<string> $lines
     * @param array<SurfaceKind> $less
     */
    private static function withoutWays(Drafting $drafting, array $lines, array $less): Drafting
    {
        foreach ($lines as $line) {
            foreach ($drafting->board->lines[$line]->surfaces as $id => $surface) {
                $drafting = in_array($surface->kind, $less, true) ? $drafting->made(
                    new RemoveSurface($id),
                    sprintf('“%s” is no longer operated by %s', $drafting->board->nameOf($line), $surface->kind->value),
                ) : $drafting;
            }
        }

        return $drafting;
    }
}
