<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\MainsSystem;

/** Every combination that is worth a draft, and why each controller that is not drafted is left out. */
final readonly class ChoiceSpace
{
    public const USUAL_MAINS = 'mains-230';

    /**
     * @param list<Choices> $all in the order in which they are tried
     * @param array<string, string> $leftOut the reason by the name of the carrier
     */
    private function __construct(public array $all, public array $leftOut) {}

    public static function of(Brief $brief, Catalogue $catalogue): self
    {
        $mains = $catalogue->part($brief->mains ?? self::USUAL_MAINS);
        $direct = $mains instanceof MainsSystem && $mains->isDirect() ? $mains->volts : 0.0;
        // A lead brings a neutral of its own, whatever the house has.
        $hasNeutral = false !== $brief->neutral?->value || Home::BoxOnALead === $brief->home?->value;
        $feedings = array_values(array_filter(
            Feeding::for($direct, $hasNeutral),
            static fn(Feeding $one): bool => match ($brief->oneSupply?->value) {
                true => $one->isOneSupply() || $direct > 0,
                false => !$one->isOneSupply(),
                default => true,
            },
        ));
        $all = $leftOut = [];
        foreach ($catalogue->parts(Carrier::class) as $carrier) {
            $reason = self::reasonAgainst($brief, $catalogue, $carrier);
            if (null !== $reason) {
                $leftOut[$carrier->identity->name] = $reason;
                continue;
            }
            $own = self::withCarrier($brief, $carrier, $feedings);
            if ([] === $own) {
                $leftOut[$carrier->identity->name] = $carrier->isBareModule
                    ? 'a bare module goes onto an assembled board with its own driver circuits, and the brief asks for something else'
                    : 'the ways to build that the brief asks for do not go together on it';
            }
            array_push($all, ...$own);
        }
        // The usual ones first, so that something is to be seen at once.
        usort($all, static fn(Choices $a, Choices $b): int => self::turn($a) <=> self::turn($b));

        return new self($all, $leftOut);
    }

    public function named(string $id): ?Choices
    {
        foreach ($this->all as $choices) {
            if ($choices->id() === $id) {
                return $choices;
            }
        }

        return null;
    }

    private static function reasonAgainst(Brief $brief, Catalogue $catalogue, Carrier $carrier): ?string
    {
        $chip = $catalogue->part($carrier->chip);
        $isNamed = [] === $brief->controllers || in_array($carrier->identity->id, $brief->controllers, true);

        return match (true) {
            !$isNamed => 'the brief names other controllers',
            !$chip instanceof Chip => 'the catalogue lacks its chip',
            $brief->wantsRadio() && !$chip->radio => 'it has no radio, and lines are to be operated over a network',
            default => null,
        };
    }

    /**
     * @param list<Feeding> $feedings
     * @return list<Choices>
     */
    private static function withCarrier(Brief $brief, Carrier $carrier, array $feedings): array
    {
        $all = [];
        foreach (self::schools($brief, $carrier) as $school) {
            foreach ($feedings as $feeding) {
                if (!self::goesTogether($school, $feeding, count($feedings))) {
                    continue;
                }
                $form = $brief->form?->value;
                foreach ($form instanceof BuildForm ? [$form] : $school->forms($carrier->isBareModule, $brief->lines()) as $one) {
                    if (self::canBeBuilt($school, $carrier, $one)) {
                        $all[] = new Choices($carrier, $school, $feeding, $one);
                    }
                }
            }
        }

        return $all;
    }

    /**
     * @return list<DriveSchool>
     */
    private static function schools(Brief $brief, Carrier $carrier): array
    {
        $wantsModules = DriverSchool::Modules === $brief->drivers?->value;

        return match (true) {
            // Ready modules stand beside a carrier; only who asks for an assembled board as well gets them on one.
            $wantsModules && $carrier->isBareModule && BuildForm::Assembled !== $brief->form?->value => [],
            $wantsModules, BuildForm::HandWired === $brief->form?->value => [DriveSchool::Module],
            DriverSchool::SingleParts === $brief->drivers?->value => [DriveSchool::Transistor, DriveSchool::DarlingtonArray],
            $carrier->isBareModule => [DriveSchool::Transistor],
            default => DriveSchool::cases(),
        };
    }

    /** Ready modules are made for 5 V; an array keeps too much from a 5 V coil; a transistor is tried at the first voltage alone. */
    private static function goesTogether(DriveSchool $school, Feeding $feeding, int $offered): bool
    {
        return match ($school) {
            DriveSchool::Module => true,
            DriveSchool::Transistor => 1 === $offered || 5.0 === $feeding->coilVolts(),
            DriveSchool::DarlingtonArray => 12.0 === $feeding->coilVolts(),
        } && (DriveSchool::Module !== $school || $feeding->isOneSupply() || 1 === $offered);
    }

    private static function canBeBuilt(DriveSchool $school, Carrier $carrier, BuildForm $form): bool
    {
        return $carrier->isBareModule === (BuildForm::Assembled === $form)
            && (BuildForm::HandWired !== $form || DriveSchool::Module === $school);
    }

    /**
     * @return list<int|string>
     */
    private static function turn(Choices $choices): array
    {
        $usual = ['esp32-carrier-38', 'esp8266-carrier-30', 'atmega328p-carrier-30', 'rp2040-carrier-40'];
        $place = array_search($choices->carrier->identity->id, $usual, true);

        return [
            false === $place ? count($usual) : $place,
            (int) array_search($choices->school, [DriveSchool::Transistor, DriveSchool::Module, DriveSchool::DarlingtonArray], true),
            $choices->id(),
        ];
    }
}
