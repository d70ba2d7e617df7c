<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Controller\ChooseController;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\FeedController;
use IronLatch\Core\Board\Edit\Power\RenameRail;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Board\PinSchool;
use IronLatch\Core\Board\Pointer;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\ExpanderKind;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Review\Inspection;

/**
 * Works a brief out into complete boards. Only what is a choice is decided, each choice is judged by the same checks as any other board,
 * and the same brief with the same parts always gives the same drafts.
 */
final class Drafter
{
    /** Holds an input of an array low while its pin floats, and hardly loads it when it drives. */
    private const INPUT_OHMS = 47e3;
    /** Expanders beyond those that the relays take. */
    private const MORE_EXPANDERS = 2;
    /** A relay for appliances carries more than a signal (common practice). */
    private const LEAST_CONTACT_AMPS = 5.0;

    private readonly Mending $mending;
    private readonly Boxing $boxing;
    private ?Drafting $asked = null;

    public function __construct(
        private readonly Brief $brief,
        private readonly Catalogue $catalogue,
        private readonly Stock $stock = new Stock(),
    ) {
        $this->mending = new Mending($catalogue, $stock);
        $this->boxing = new Boxing($brief, $catalogue);
    }

    /**
     * @throws \InvalidArgumentException when the brief describes one of its appliances not at all
     * @throws NoDraft when these choices come to no board, with the first thing that fails
     * @throws EditRefused when they ask for what no board can be
     */
    public function draft(Choices $choices): Draft
    {
        $drafting = $this->asked();
        $drafting = $this->controlled($drafting, $choices);
        $drafting = $this->driven($drafting, $choices);
        $drafting = (new DirectLoads($this->brief, $this->catalogue))->fed(
            $drafting,
            array_map(strval(...), array_keys($drafting->board->lines)),
            $choices->feeding->form(),
        );
        $drafting = $this->seated($drafting, $choices);
        $drafting = (new SourceSize($this->brief, $this->catalogue))->sized($drafting, $choices->feeding);
        $drafting = (new MainsSizes($this->brief, $this->catalogue))->sized($drafting);
        $drafting = $drafting->made(new StateBuild(form: $choices->form));
        $plan = (new Inspection($drafting->board, null, $this->stock->prices))->layout() ?? throw new \LogicException('A form was chosen.');
        [$drafting, $givenUp] = $this->boxing->boxed($drafting, $plan);
        [$drafting, $inspection, $report, $tried] = $this->mending->mended($drafting);
        $layout = $inspection->layout();
        if (null !== $layout?->space && [] !== $layout->unplaced()) {
            // A repair has brought parts for which the box was not chosen.
            [$drafting, $givenUp] = $this->boxing->boxed($drafting, $layout);
            [$drafting, $inspection, $report] = $this->mending->mended($drafting, $tried);
        }
        $figures = Weighing::of($this->brief, $choices, $drafting, $inspection, $report, $givenUp, $this->stock);

        return new Draft($choices, $drafting->board, $figures, $drafting->edits);
    }

    /** What every draft has in common: lines, hands, mains side, what the maker said of the house. */
    private function asked(): Drafting
    {
        if (null !== $this->asked) {
            return $this->asked;
        }
        $asked = new Asked($this->brief, $this->catalogue);
        $asked->verify();
        $space = ChoiceSpace::of($this->brief, $this->catalogue);
        $first = $space->all[0] ?? throw new NoDraft('nothing of what the brief insists on goes together');
        $board = NewBoard::with(
            $this->name(),
            $first->carrier,
            $this->part($first->carrier->chip, Chip::class),
            $this->part($this->brief->mains ?? ChoiceSpace::USUAL_MAINS, MainsSystem::class),
            (new SourceSize($this->brief, $this->catalogue))->sources($first->feeding)[0]
                ?? throw new NoDraft(sprintf('there is no source for %s', $first->feeding->value)),
            $this->relay($first->coilVolts()),
            $this->usual('npn-2n2222', Transistor::class),
        );
        $drafting = new Drafting($board);
        $drafting = $asked->all($drafting);
        $lines = array_map(strval(...), array_keys($drafting->board->lines));
        $drafting = (new MainsSizes($this->brief, $this->catalogue))->begun($drafting, $lines);
        $stated = Circumstances::cabled(Circumstances::stated($drafting, $this->brief), $this->brief, $drafting->board->functions);

        // What the maker has said is not decided for them.
        return $this->asked = new Drafting($stated->board, $stated->edits, $drafting->decided);
    }

    private function name(): string
    {
        $names = array_map(static fn(Wanted $one): string => $one->name, array_slice($this->brief->appliances, 0, 3));

        $all = implode(', ', $names) . (count($this->brief->appliances) > 3 ? ' and more' : '');

        return match (true) {
            [] === $names => 'New board',
            mb_strlen($all) > Pointer::NAME_LENGTH => mb_substr($all, 0, Pointer::NAME_LENGTH - 2) . ' …',
            default => $all,
        };
    }

    private function controlled(Drafting $drafting, Choices $choices): Drafting
    {
        $chip = $this->part($choices->carrier->chip, Chip::class);
        $source = (new SourceSize($this->brief, $this->catalogue))->sources($choices->feeding);
        if ([] === $source) {
            throw new NoDraft(sprintf('there is no source for %s', $choices->feeding->value));
        }
        $drafting = $drafting
            ->made(new ChooseController($choices->carrier, $chip))
            ->made(new ChooseSupply('R1', end($source)))
            ->tried(new RenameRail('R1', sprintf('%g V', $choices->feeding->volts())));
        if ($choices->feeding->isOneSupply()) {
            return $drafting;
        }
        $drafting = $drafting->made(
            new AddConvertedRail('5 V', $this->usual('buck-5v-2a', Converter::class), 'R1'),
            'a converter makes 5 V of it',
        );

        return $drafting->made(new FeedController((string) array_key_last($drafting->board->rails)));
    }

    private function driven(Drafting $drafting, Choices $choices): Drafting
    {
        $board = $drafting->board;
        $relays = array_map(strval(...), array_keys($board->actuators()));
        $rail = $choices->coilVolts() === $choices->feeding->volts() ? 'R1' : (string) array_key_last($board->rails);
        $drafting = $drafting->tried(new FeedCoils($relays, $rail));
        $relay = $this->relay($choices->coilVolts());
        $drafting = $drafting->made(new ChooseRelay($relays, $relay), Words::inText($relay->identity->name));
        $drafting = match ($choices->school) {
            DriveSchool::Module => $drafting->made(
                new DriveByModule($relays, $this->usual('opto-module-low', OptoModule::class)),
                'ready modules whose relays are stated as those of the board',
            ),
            DriveSchool::Transistor => $drafting->made(new StateClamp($relays, Clamp::Diode), 'a transistor with its diode for each coil'),
            DriveSchool::DarlingtonArray => $this->byArray($drafting, $relays),
        };
        $level = $this->brief->activeLevel?->value;

        return $level instanceof Level ? $drafting->tried(new StateActiveLevel($relays, $level)) : $drafting;
    }

    /**
     * @param list<string> $relays
     */
    private function byArray(Drafting $drafting, array $relays): Drafting
    {
        $array = $this->usual('uln2003a', DarlingtonArray::class);
        foreach (array_chunk($relays, max(1, $array->channels)) as $number => $some) {
            $package = 'U' . ($number + 1);
            $drafting = $drafting->made(
                new ChooseDriver($some, new ArrayChannel($array->identity->id, $package), [$array], $array->identity->name),
                sprintf('%s %s drives %d relays', Words::inText($array->identity->name), $package, count($some)),
            );
        }
        foreach ($drafting->board->actuators() as $relay) {
            $drafting = $drafting->tried(new FitPull($relay->function, PullDirection::Down, self::INPUT_OHMS));
        }

        return $drafting;
    }

    /** Every function on a pin; relays go to an expander where that is wanted, or where the controller’s own pins do not suffice. */
    private function seated(Drafting $drafting, Choices $choices): Drafting
    {
        $wish = $this->brief->pins?->value;
        $own = PinSchool::Expander === $wish ? null : Seated::all($drafting);
        if (null !== $own && (!$own->isPoor || PinSchool::OwnPins === $wish)) {
            return $own->drafting;
        }
        foreach (PinSchool::OwnPins === $wish ? [] : $this->expanders($choices) as $expander) {
            $least = (int) ceil(count($drafting->board->actuators()) / max(1, count($expander->pins)));
            for ($count = $least; $count <= $least + self::MORE_EXPANDERS; ++$count) {
                $fitted = $this->expanded($drafting, $expander, $count, $count === $least);
                $seated = null === $fitted ? null : Seated::all($fitted);
                if (null !== $seated && (!$seated->isPoor || null === $own)) {
                    return $seated->drafting;
                }
            }
        }
        if (null !== $own) {
            return $own->drafting;
        }

        throw new NoDraft(sprintf(
            '%d functions find no pin on %s%s',
            count($drafting->board->functions),
            $choices->carrier->identity->name,
            PinSchool::OwnPins === $wish ? ', and the brief wants no expander' : ', not even with expanders',
        ));
    }

    private function expanded(Drafting $drafting, Expander $expander, int $count, bool $isForRelays): ?Drafting
    {
        $supply = $drafting->board->controller()->chip->electrics->supply;
        $suits = $supply->min >= $expander->supply->min && $supply->max <= $expander->supply->max;
        for ($i = 0; $i < $count; ++$i) {
            $fitted = $drafting->tried(
                new FitExpander($expander, $suits ? null : $drafting->board->mcu->rail),
                0 < $i ? '' : sprintf(
                    '%s%s for the relays%s',
                    $count > 1 ? $count . ' × ' : '',
                    Words::inText($expander->identity->name),
                    $isForRelays ? '' : ' and some of the switches',
                ),
            );
            if ($fitted === $drafting) {
                return null;
            }
            $drafting = $fitted;
        }

        return $drafting;
    }

    /**
     * What is active-low may hang on pins that only sink; what is active-high needs pins that drive both ways.
     *
     * @return list<Expander>
     */
    private function expanders(Choices $choices): array
    {
        $kind = DriveSchool::Module === $choices->school ? ExpanderKind::QuasiBidirectional : ExpanderKind::PushPull;

        return array_values(array_filter(
            $this->catalogue->parts(Expander::class),
            static fn(Expander $expander): bool => $expander->kind === $kind,
        ));
    }

    /** The cheapest plain relay for the coil voltage; reinforced where it keeps mains from low voltage. */
    private function relay(float $volts): Relay
    {
        $mains = $this->catalogue->part($this->brief->mains ?? ChoiceSpace::USUAL_MAINS);
        $isHarmless = $mains instanceof MainsSystem && $mains->isDirect();
        $relays = array_filter(
            $this->catalogue->parts(Relay::class),
            static fn(Relay $relay): bool => $relay->isPlain()
                && 1 === $relay->poles
                && $relay->suitsRail($volts)
                && $relay->contactAcAmps >= self::LEAST_CONTACT_AMPS
                && ($isHarmless || Insulation::Reinforced === $relay->insulation),
        );
        usort($relays, static fn(Relay $a, Relay $b): int => [$a->price, $a->identity->id] <=> [$b->price, $b->identity->id]);

        return $relays[0] ?? throw new NoDraft(sprintf('there is no relay for %g V that suits', $volts));
    }

    /**
     * The usual part of a kind, or the first other one where only that is to be had.
     *
     * @template T of Part
     * @param class-string<T> $class
     * @return T
     */
    private function usual(string $id, string $class): Part
    {
        $others = array_values($this->catalogue->parts($class));

        return null === $this->catalogue->part($id) && [] !== $others ? $others[0] : $this->part($id, $class);
    }

    /**
     * @template T of Part
     * @param class-string<T> $class
     * @return T
     */
    private function part(string $id, string $class): Part
    {
        $part = $this->catalogue->part($id);

        return $part instanceof $class ? $part : throw new NoDraft(sprintf('the part “%s” is not to be had', $id));
    }
}
