<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\Edit\Whole\StateBrief;
use IronLatch\Core\Board\PinSchool;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\ExpanderKind;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Pins\SeatingPlan;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;

/**
 * Lets a board follow its changed brief. What stands stays where it is: only what is new is seated, sized and placed, and repairs are
 * made for what the change itself has brought about. Where that cannot be, what has to move is said first.
 */
final readonly class Redrafter
{
    private const MOST_EXPANDERS = 3;
    /** What changes a board that stands too deeply to be done by itself, by field of the brief. */
    private const LEFT_TO_THE_MAKER = [
        'home' => 'where it lives: see under Board whether its box suits',
        'drivers' => 'how relays are driven: choose their circuits under Drive',
        'activeLevel' => 'at which level relays are on: state it under Drive',
        'pins' => 'on whose pins relays sit: seat them under Pins',
        'oneSupply' => 'from how many voltages it lives: choose its sources under Power',
        'drawerOnly' => 'whether parts may be bought: look through its parts list under Board',
        'freePins' => 'how many pins stay free: count them under Pins',
        'spareRelays' => 'how many relays may come later: see under Power whether its source bears them',
    ];
    private const NO_ROOM = 'new parts find no place beside those that lie in the box: choose a larger one under Board';

    public function __construct(private Catalogue $catalogue, private Stock $stock = new Stock()) {}

    /** @throws \InvalidArgumentException when the new brief describes one of its appliances not at all */
    public function redraft(Board $board, Brief $to): Redraft
    {
        $from = Recovered::of($board, $this->catalogue);
        $to = RowChanges::recognised($board, $from, $to);
        $asked = new Asked($to, $this->catalogue);
        $asked->verify();
        $start = new Drafting($board);
        [$drafting, $rows] = (new RowChanges($from, $to, $this->catalogue))->made($start);
        foreach (array_diff($to->sensors, $from->sensors) as $sensor) {
            $drafting = $asked->sensor($drafting, $sensor);
        }
        $new = array_map(strval(...), array_values(array_diff(array_keys($drafting->board->lines), array_keys($board->lines))));
        $drafting = $this->likeTheOthers($drafting, $board, $new);
        $drafting = [] === $new ? $drafting : (new MainsSizes($to, $this->catalogue))->begun($drafting, $new);
        $drafting = $this->fed($drafting, $to, $new);
        $drafting = $this->circumstances($drafting, $board, $from, $to);
        $drafting = $this->seated($drafting);
        $drafting = $start === $drafting ? $drafting : $this->mended($drafting, $board);
        $drafting = $this->placed($drafting);
        $drafting = $drafting->made(new StateBrief(Copy::of($to, ['appliances' => $rows])));

        return new Redraft(
            $board,
            $drafting->board,
            new Sequence('Follow the changed brief', $drafting->edits),
            $drafting->decided,
            self::moved($board, $drafting->board),
            self::asks($board, $from, $to),
        );
    }

    /**
     * New relays are of the kind that the board has, and driven as those are.
     *
     * @param list<string> $new lines
     */
    private function likeTheOthers(Drafting $drafting, Board $before, array $new): Drafting
    {
        $model = array_values($before->actuators())[0] ?? null;
        $relays = array_merge([], ...array_map(
            static fn(string $line): array => array_map(strval(...), array_keys($drafting->board->lines[$line]->actuators)),
            $new,
        ));
        if (null === $model || [] === $relays || null === $model->relay) {
            return $drafting;
        }
        $drafting = $drafting
            ->tried(new FeedCoils($relays, $model->rail))
            ->tried(new ChooseRelay($relays, $drafting->board->relay($model)));
        foreach ($relays as $relay) {
            $driver = $model->driver instanceof ArrayChannel ? self::freeChannel($drafting->board, $model->driver, $relay) : $model->driver;
            $drafting = $drafting->tried(new ChooseDriver([$relay], $driver, []));
        }

        $pull = $before->functions[$model->function]->pull ?? null;
        foreach ($relays as $relay) {
            $drafting = null === $pull ? $drafting : $drafting->tried(
                new FitPull($drafting->board->actuator($relay)->function, $pull->direction, $pull->ohms),
            );
        }
        $clamp = $model->clamp->value;

        return $clamp instanceof Clamp ? $drafting->tried(new StateClamp($relays, $clamp)) : $drafting;
    }

    /** A channel of a package that has one left, or of the next one. */
    private static function freeChannel(Board $board, ArrayChannel $model, string $for): ArrayChannel
    {
        $used = [];
        foreach ($board->actuators() as $id => $actuator) {
            if ($actuator->driver instanceof ArrayChannel && $id !== $for) {
                $used[$actuator->driver->package] = ($used[$actuator->driver->package] ?? 0) + 1;
            }
        }
        $channels = $board->part($model->array, DarlingtonArray::class)->channels;
        for ($number = 1;; ++$number) {
            if (($used['U' . $number] ?? 0) < $channels) {
                return new ArrayChannel($model->array, 'U' . $number);
            }
        }
    }

    /**
     * @param list<string> $new lines
     */
    private function fed(Drafting $drafting, Brief $to, array $new): Drafting
    {
        $source = $drafting->board->feeder($drafting->board->defaults->rail);
        $form = $source instanceof Supply ? $source->form : SupplyForm::EncapsulatedModule;
        try {
            return (new DirectLoads($to, $this->catalogue))->fed($drafting, $new, $form);
        } catch (NoDraft) {
            // What feeds it is then an open fact of the board, like any other.
            return $drafting;
        }
    }

    /** Of house, limits and reserves only what the brief says otherwise than before. */
    private function circumstances(Drafting $drafting, Board $before, Brief $from, Brief $to): Drafting
    {
        $changed = $to->statedSince($from);
        $stated = Circumstances::stated($drafting, $changed);
        $functions = $drafting->board->functions;

        return null === $changed->handMetres
            ? Circumstances::cabled($stated, $to, array_diff_key($functions, $before->functions))
            : Circumstances::cabled($stated, $changed, $functions);
    }

    /** New functions on what is free; with an expander where nothing is; and only then are others asked to move. */
    private function seated(Drafting $drafting): Drafting
    {
        $open = array_diff_key($drafting->board->functions, $drafting->board->seats);
        if ([] === $open) {
            return $drafting;
        }
        $own = Seated::others($drafting);
        if (null !== $own && !$own->isPoor) {
            return $own->drafting;
        }
        foreach ($this->expanders($drafting->board) as $expander) {
            $fitted = $drafting;
            for ($count = 1; $count <= self::MOST_EXPANDERS; ++$count) {
                $fitted = $fitted->tried(
                    new FitExpander($expander, null),
                    sprintf('an expander, %s, for what finds no good pin', Words::inText($expander->identity->name)),
                );
                $seated = Seated::others($fitted);
                if (null !== $seated && (!$seated->isPoor || null === $own)) {
                    return $seated->drafting;
                }
            }
        }

        return $own->drafting
            ?? $drafting->tried(SeatingPlan::of($drafting->board)->edit(), 'all functions that are not frozen are seated anew');
    }

    /**
     * @return list<Expander>
     */
    private function expanders(Board $board): array
    {
        $isLow = [] !== array_filter($board->actuators(), static fn(Actuator $one): bool => $one->driver->isReadyMade());
        $supply = $board->controller()->chip->electrics->supply;

        return array_values(array_filter(
            $this->catalogue->parts(Expander::class),
            static fn(Expander $one): bool => ($isLow ? ExpanderKind::QuasiBidirectional : ExpanderKind::PushPull) === $one->kind
                && $supply->min >= $one->supply->min && $supply->max <= $one->supply->max,
        ));
    }

    /** What was wrong before is not what the change has to answer for. */
    private function mended(Drafting $drafting, Board $before): Drafting
    {
        $report = Inspector::withRuleBook()->inspect(new Inspection($before, $this->catalogue, $this->stock->prices));
        $known = array_map(static fn(Finding $finding): string => $finding->key(), $report->findings);

        return (new Mending($this->catalogue, $this->stock, $known, $drafting->board))->mended($drafting)[0];
    }

    /** New parts find a place beside those that lie there. */
    private function placed(Drafting $drafting): Drafting
    {
        $kept = $drafting->board->build->places;
        $layout = [] === $kept ? null : (new Inspection($drafting->board, $this->catalogue, $this->stock->prices))->layout();
        if (null === $layout?->space || [] === $layout->unplaced()) {
            return $drafting;
        }
        $places = (new Placer($layout))->places($kept);

        return null === $places
            ? $drafting->deciding(self::NO_ROOM)
            : $drafting->tried(new PlaceParts($places), 'new parts lie beside those that were there');
    }

    /**
     * @return array<string, string> in words, by function
     */
    private static function moved(Board $before, Board $after): array
    {
        $moved = [];
        foreach ($before->seats as $function => $seat) {
            $pin = $after->seats[$function]->pin ?? null;
            if (isset($after->functions[$function]) && $pin !== $seat->pin) {
                $moved[$function] = sprintf(
                    '“%s” moves from %s to %s: what is new finds no pin otherwise',
                    $before->nameOf($function),
                    $seat->pin,
                    $pin ?? 'no pin',
                );
            }
        }

        return $moved;
    }

    /**
     * @return list<string>
     */
    private static function asks(Board $board, Brief $from, Brief $to): array
    {
        $asks = [];
        if ([] !== $to->controllers && !in_array($board->mcu->carrier, $to->controllers, true)) {
            $asks[] = sprintf(
                'The brief names other controllers than %s: choose one under Pins, or draft a board of its own.',
                $board->controller()->carrier->identity->name,
            );
        }
        if (null !== $to->mains && $to->mains !== $board->mains) {
            $asks[] = 'The brief names another mains system: choose it under Mains.';
        }
        if ([] !== array_diff($from->sensors, $to->sensors)) {
            $asks[] = 'The brief no longer asks for all of its sensors: take off under Pins what is not needed.';
        }
        $said = get_object_vars($to->statedSince($from));
        foreach (self::LEFT_TO_THE_MAKER as $field => $words) {
            $wish = $said[$field] instanceof Fact ? $said[$field]->value : null;
            if (!in_array($wish, [null, DriverSchool::Either, PinSchool::Either], true)) {
                $asks[] = sprintf('The brief says otherwise than before %s.', $words);
            }
        }

        return $asks;
    }
}
