<?php

declare(strict_types=1);

namespace IronLatch\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Board\PinSchool;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Brief\ChoiceSpace;
use IronLatch\Core\Brief\DraftFigures;
use IronLatch\Core\Brief\Drafts;
use IronLatch\Core\Brief\Reading;
use IronLatch\Core\Brief\Words;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Storage\ShelfPapers;

/** What the page of a brief offers to choose from, and how two drafts are told apart. */
final readonly class BriefWords
{
    /** Ways for which something else is set up first: a selector, a sensor, the numbers of a service. */
    private const SET_UP_FIRST = [SurfaceKind::Knob, SurfaceKind::SensorRule, SurfaceKind::ServiceEntry];

    public function __construct(private Catalogue $catalogue, private BriefForm $form, private ShelfPapers $papers) {}

    /**
     * @return array<string, mixed>
     */
    public function lists(): array
    {
        return [
            'ways' => array_values(array_filter(
                SurfaceKind::cases(),
                static fn(SurfaceKind $way): bool => !in_array($way, self::SET_UP_FIRST, true),
            )),
            'appliances' => $this->catalogue->parts(Appliance::class),
            'loads' => LoadKind::cases(),
            'systems' => $this->catalogue->parts(MainsSystem::class),
            'usual_system' => $this->catalogue->part(ChoiceSpace::USUAL_MAINS)?->identity()->name,
            'homes' => Home::cases(),
            'forms' => BuildForm::cases(),
            'driver_schools' => DriverSchool::cases(),
            'pin_schools' => PinSchool::cases(),
            'levels' => Level::cases(),
            'carriers' => $this->catalogue->parts(Carrier::class),
            'sensors' => array_intersect_key($this->catalogue->parts(Device::class), array_flip(array_values(Words::SENSORS))),
        ];
    }

    /** The sentence with what was understood of it; null where there is none, or it says what cannot be. */
    public function reading(Brief $brief): ?Reading
    {
        try {
            return '' === $brief->words ? null : $this->form->sentence($brief->words);
        } catch (\InvalidArgumentException) {
            return null;
        }
    }

    /**
     * What differs between two drafts, as rows of three: what, the one, the other.
     *
     * @return list<array{string, string, string}>
     */
    public function differing(DraftFigures $one, DraftFigures $other): array
    {
        $rows = [];
        foreach ($this->told($one) as $what => $words) {
            $otherWords = $this->told($other)[$what];
            if ($words !== $otherWords) {
                $rows[] = [$what, $words, $otherWords];
            }
        }

        return $rows;
    }

    /**
     * @return array<string, string>
     */
    private function told(DraftFigures $draft): array
    {
        return [
            'Controller' => $draft->carrier,
            'Drivers' => $draft->school,
            'Source' => $draft->feeding,
            'Form of build' => $draft->form,
            'Box' => $draft->box,
            'Price' => $this->papers->currency()->printed($draft->euros),
            'Parts' => sprintf('%d, of %d kinds', $draft->parts, $draft->different),
            'Joints by hand' => (string) $draft->joints,
            'Size of the plan' => Drafts::area($draft->squareMetres),
            'Good pins free' => (string) $draft->freePins,
            'Supply used' => QuantityPrinter::rounded(100 * $draft->supplyUsed, Unit::Percent),
            'Worst margin' => sprintf('%s, %s', QuantityPrinter::rounded($draft->worstMargin, Unit::Ratio), $draft->worstOf),
            'Weak findings' => (string) $draft->weak,
            'Open facts' => (string) $draft->open,
            'Not as the brief asks' => [] === $draft->missed ? 'nothing' : implode('; ', $draft->missed),
        ];
    }
}
