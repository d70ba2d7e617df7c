<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\BoxSpace;
use IronLatch\Core\Build\Fit\Envelope;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\WiredDevice;

/** The same board built in each of the four ways. Times for a joint are common practice, no source; they are the same for all. */
final readonly class FormComparison
{
    private const MINUTES = [
        'hand-wired from ready modules' => 1.5,
        'perforated board' => 1.2,
        'carrier board with sockets' => 0.5,
        'assembled board with bare module' => 0.5,
    ];
    private const HOURS_ONCE = [
        'hand-wired from ready modules' => 0.5,
        'perforated board' => 2.0,
        'carrier board with sockets' => 8.0,
        'assembled board with bare module' => 12.0,
    ];
    /** Until parts from a shop are on the bench. */
    private const SHOP_DAYS = 3;
    /** While no terms of a board maker are chosen. */
    public const USUAL_LEAST = 5;
    private const USUAL_BOARD_DAYS = 14;
    /** Shares of a room that parts can cover, and how long it is for its width. */
    private const FILLS = [0.75, 0.65, 0.55, 0.45, 0.35, 0.25];
    private const ASPECT = 1.5;

    private ?Assembler $terms;

    public function __construct(
        private Board $board,
        private Connections $connections,
        private PriceList $prices = new PriceList(),
    ) {
        $this->terms = null === $board->build->assembler ? null : $board->part($board->build->assembler, Assembler::class);
    }

    /** @return list<FormEstimate> in the order of the forms */
    public function all(): array
    {
        return array_map($this->of(...), BuildForm::cases());
    }

    public function of(BuildForm $form): FormEstimate
    {
        $board = (new StateBuild(form: $form))->apply($this->board);
        $plan = BoxPlan::of($board, $this->connections) ?? throw new \LogicException('A form was stated.');
        $swap = $this->swap($form);
        $gone = array_fill_keys($swap->gone, true);
        $list = PartsList::of($board, $this->connections, $this->prices);
        $material = $list->knownEuros() + $swap->euros;
        foreach ($list->rows as $row) {
            $material -= ($row->price->euros ?? 0.0) * count(
                array_filter($row->designators, static fn(string $id): bool => isset($gone[$id])),
            );
        }
        [$joints, $machine] = $this->joints($board, $form, $plan->parts, $gone, $swap->joints);
        [$length, $width] = self::size($plan, $swap);

        return new FormEstimate(
            $form,
            $list->count() - count($gone) + $swap->pieces,
            count($list->rows) + $swap->kinds,
            $joints,
            $machine,
            self::HOURS_ONCE[$form->value],
            $joints * self::MINUTES[$form->value] / 60,
            $material + $machine * ($this->terms->jointEuros ?? UsualPrices::MACHINE_JOINT),
            $form->isEtched() ? self::orderEuros($board, $this->terms) : 0.0,
            $form->isEtched() ? $this->terms->leastCount ?? self::USUAL_LEAST : 1,
            $this->bareBoard($list),
            $length,
            $width,
            $form->isEtched() ? $this->terms->leadDays ?? self::USUAL_BOARD_DAYS : self::SHOP_DAYS,
            self::easier($form),
            self::harder($form),
            $swap->words,
        );
    }

    /** Joints made by hand for the board in the form that is stated, with the parts that are on it; none while no form is stated. */
    public function handJoints(): int
    {
        $form = $this->board->build->form();
        $plan = null === $form ? null : BoxPlan::of($this->board, $this->connections);

        return null === $form || null === $plan ? 0 : $this->joints($this->board, $form, $plan->parts, [], 0)[0];
    }

    /** Paid once for the form that is stated, whatever it is built in: the order of boards, and those of it that nobody needs. */
    public function onceEuros(PartsList $list): float
    {
        $form = $this->board->build->form();
        if (null === $form || !$form->isEtched()) {
            return 0.0;
        }
        $spare = max(0, ($this->terms->leastCount ?? self::USUAL_LEAST) - $this->board->build->copies());

        return self::orderEuros($this->board, $this->terms) + $spare * $this->bareBoard($list);
    }

    /** Once for an order of etched boards: shipping, and the set-up where parts are soldered there. */
    public static function orderEuros(Board $board, ?Assembler $terms): float
    {
        $isAssembled = BuildForm::Assembled === $board->build->form();

        return ($isAssembled ? $terms->setUpEuros ?? UsualPrices::SET_UP : 0.0) + ($terms->shippingEuros ?? UsualPrices::SHIPPING);
    }

    private function bareBoard(PartsList $list): float
    {
        foreach ($list->rows as $row) {
            if (FormParts::ETCHED_BOARD === $row->what) {
                return $row->price->euros ?? 0.0;
            }
        }

        return 0.0;
    }

    /**
     * Of a compact layout, found in ever larger rooms; as much as the parts cover at the least where none is found.
     *
     * @return array{float, float} metres
     */
    private static function size(BoxPlan $plan, FormSwap $swap): array
    {
        $parts = [...array_diff_key($plan->parts, array_fill_keys($swap->gone, true)), ...$swap->outlines];
        $area = array_sum(array_map(static fn(Outline $part): float => $part->reach() * $part->width, $parts));
        $side = 0.0;
        foreach (self::FILLS as $fill) {
            $side = sqrt($area / $fill / self::ASPECT);
            $room = new BoxSpace(self::ASPECT * $side, $side, 1.0);
            $places = (new Placer(new BoxPlan($parts, $room, $plan->apart, [], $plan->form)))->places();
            $board = null === $places ? null : (new BoxPlan($parts, $room, $plan->apart, $places))->board();
            if (null !== $board) {
                return [max($board->width(), $board->height()), min($board->width(), $board->height())];
            }
        }

        return [self::ASPECT * $side, $side];
    }

    /** What another form puts in place of relays, drivers and controller as they are. */
    private function swap(BuildForm $form): FormSwap
    {
        $isModule = static fn(Actuator $actuator): bool => $actuator->driver->isReadyMade();
        $actuators = array_filter($this->board->actuators(), static fn(Actuator $actuator): bool => null !== $actuator->relay);
        $own = array_filter($actuators, static fn(Actuator $actuator): bool => !$isModule($actuator));
        $ready = array_filter($actuators, $isModule);

        $relays = match (true) {
            BuildForm::HandWired === $form && [] !== $own => $this->intoModules($own),
            $form->isOneBoard() && [] !== $ready => $this->intoRelays(count($ready), $form),
            default => new FormSwap(),
        };
        $isCarrier = BuildForm::Assembled === $form && !$this->board->controller()->carrier->isBareModule;

        return $isCarrier ? $relays->and($this->intoBareModule()) : $relays;
    }

    /** The module by itself, with its regulator, pull-up and capacitor, in place of the carrier that brings them. */
    private function intoBareModule(): FormSwap
    {
        $gone = array_filter($this->connections->devices, static fn(WiredDevice $device): bool => DeviceKind::Controller === $device->kind);
        $outlines = ['module' => Outline::low('module', DeviceKind::Controller, Envelope::BARE_MODULE)];
        foreach (['regulator' => Envelope::CHIP_DIODE, 'pull-up' => Envelope::CHIP, 'capacitor' => Envelope::CHIP] as $id => $size) {
            $outlines[$id] = Outline::low($id, DeviceKind::Resistor, $size);
        }

        return new FormSwap(
            array_map(strval(...), array_keys($gone)),
            4,
            3,
            UsualPrices::BARE_MODULE + UsualPrices::REGULATOR,
            0,
            ['the bare module with regulator, pull-up and capacitor in place of the carrier'],
            $outlines,
        );
    }

    /**
     * @param array<string, Actuator> $own
     */
    private function intoModules(array $own): FormSwap
    {
        $gone = array_filter($this->connections->devices, static fn(WiredDevice $device): bool => isset($own[$device->subject])
            && ($device->kind->isSmallPart() || DeviceKind::Relay === $device->kind));
        $sizes = self::modules(count($own));
        $outlines = [];
        $euros = 0.0;
        foreach ($sizes as $i => $size) {
            $euros += UsualPrices::MODULES[$size];
            $outlines['module' . $i] = Outline::across('module' . $i, DeviceKind::Module, Envelope::module($size), Envelope::BASIC_GAP);
        }

        return new FormSwap(
            array_map(strval(...), array_keys($gone)),
            count($sizes),
            1,
            $euros,
            5 * count($own) + 2 * count($sizes),
            [sprintf('ready modules of %s relays in place of %d relays with their drivers', implode(' and ', $sizes), count($own))],
            $outlines,
        );
    }

    private function intoRelays(int $count, BuildForm $form): FormSwap
    {
        $gone = array_filter($this->connections->devices, static fn(WiredDevice $device): bool => DeviceKind::Module === $device->kind);
        $small = BuildForm::Assembled === $form ? Envelope::CHIP : Envelope::LEADED;
        $outlines = [];
        for ($i = 0; $i < $count; ++$i) {
            $outlines['relay' . $i] = Outline::across('relay' . $i, DeviceKind::Relay, Envelope::CUBE, Envelope::BASIC_GAP);
            for ($j = 0; $j < 4; ++$j) {
                $outlines["small$i-$j"] = Outline::low("small$i-$j", DeviceKind::Resistor, $small);
            }
        }

        return new FormSwap(
            array_map(strval(...), array_keys($gone)),
            5 * $count,
            4,
            $count * (UsualPrices::BARE_RELAY + UsualPrices::TRANSISTOR_DRIVER),
            14 * $count,
            [sprintf('%d bare relays, each with transistor, two resistors and diode, in place of the ready modules', $count)],
            $outlines,
        );
    }

    /**
     * The fewest ready modules that have so many relays: a larger one is no dearer than the smaller ones that would do.
     *
     * @return list<int> relays on each
     */
    private static function modules(int $relays): array
    {
        $sizes = [];
        foreach (array_keys(UsualPrices::MODULES) as $size) {
            while ($relays >= $size || (1 !== $size && $relays > $size - $size / 4)) {
                $sizes[] = $size;
                $relays -= $size;
            }
        }

        return $sizes;
    }

    /**
     * @param array<string, Outline> $outlines
     * @param array<string, true> $gone
     * @return array{int, int} by hand and by machine
     */
    private function joints(Board $board, BuildForm $form, array $outlines, array $gone, int $swapped): array
    {
        $hand = $swapped;
        $machine = 0;
        foreach ($this->connections->devices as $id => $device) {
            if (isset($gone[$id]) || !isset($outlines[$id]) || !$form->isOneBoard()) {
                continue;
            }
            $pads = count($device->terminals);
            if (BuildForm::Assembled === $form && Package::isSurfaceMounted($board, $device)) {
                $machine += $pads;
            } else {
                $hand += $pads;
            }
        }
        $wires = (new FormParts($board, $this->connections, $form, $outlines))->wires();
        foreach ($wires as $wire) {
            $hand += isset($gone[$wire->from->device]) || isset($gone[$wire->to->device]) ? 0 : 2;
        }

        return [$hand, $machine];
    }

    /** @return list<string> */
    private static function easier(BuildForm $form): array
    {
        return match ($form) {
            BuildForm::HandWired => ['starts today', 'every part can be exchanged by itself', 'nothing is soldered'],
            BuildForm::Perforated => ['starts today', 'small changes while building', 'a controller in sockets can be exchanged'],
            BuildForm::CarrierBoard => [
                'every copy is like the first',
                'a controller in sockets is programmed outside',
                'distances hold by design',
            ],
            BuildForm::Assembled => ['small parts come soldered', 'every copy is like the first'],
        };
    }

    /** @return list<string> */
    private static function harder(BuildForm $form): array
    {
        return match ($form) {
            BuildForm::HandWired => [
                'jumpers work loose and carry about 1 A',
                'ground is forgotten between two supplies, IN and VCC are swapped',
            ],
            BuildForm::Perforated => [
                'the pins of cube relays do not meet the grid: holes are widened to 1.3 mm',
                'pads between mains and the rest are to be taken off',
                'solder bridges',
            ],
            BuildForm::CarrierBoard => [
                'header rows at the wrong distance: measure yours',
                'a controller can be plugged in the wrong way round',
                'a mistake costs another order',
            ],
            BuildForm::Assembled => [
                'a header and an adapter for the program',
                'parts that the assembler does not keep, and their rotation in the placement list',
                'a mistake costs another order',
            ],
        };
    }
}
