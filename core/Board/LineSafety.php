<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** What is known of a line that keeps people from harm; null for what nobody has said. */
final readonly class LineSafety
{
    /**
     * @param ?Fact<OutletKind> $outlet where the line leaves the box
     * @param ?Fact<bool> $earthJoined protective earth runs straight through to it
     * @param ?Fact<RestorePolicy> $restore what it does when power comes back
     * @param ?Fact<bool> $cutOut an independent thermal cut-out stands in it
     * @param ?Fact<float> $restSeconds how long the program lets it rest before it starts again
     * @param ?Fact<float> $switchingsPerDay how often its contact closes and opens
     * @param ?Fact<bool> $offTakenAsIsolation somebody works on it while it is switched off by the board alone
     * @param ?Fact<Snubber> $snubber what lies across its contact
     * @param ?Fact<bool> $linkRemoved the link between the live sides of its double outlet is taken out; the neutral one stays
     * @param ?Fact<bool> $barredFromGroups no act on a group may switch it on
     * @param ?Fact<float> $outletAmps what its outlet is rated for
     * @param ?Fact<bool> $remoteStart the papers of its appliance allow that somebody who is not there starts it
     * @param ?Fact<bool> $unattended the papers of its appliance allow that it runs with nobody there
     * @param ?Fact<bool> $mustNotStart it may never start by itself, whatever is usual for its kind
     * @param ?Fact<bool> $mustComeBack it must come back after a power cut, or need not, whatever is usual for its kind
     * @param ?Fact<bool> $ownRadio the lamp listens to a radio of its own, and wants its supply all the time
     * @param ?Fact<SwitchAtStart> $switchAtStart what its maintained switch counts for that was moved while the board was dead
     * @param ?Fact<bool> $loadDiode a diode lies across its DC appliance, behind the contact
     */
    public function __construct(
        #[FactOf(OutletKind::class)]
        public ?Fact $outlet = null,
        #[FactOf('bool')]
        public ?Fact $earthJoined = null,
        #[FactOf(RestorePolicy::class)]
        public ?Fact $restore = null,
        #[FactOf('bool')]
        public ?Fact $cutOut = null,
        #[FactOf('float'), Measured(Unit::Second)]
        public ?Fact $restSeconds = null,
        #[FactOf('float'), Measured(Unit::Ratio)]
        public ?Fact $switchingsPerDay = null,
        #[FactOf('bool')]
        public ?Fact $offTakenAsIsolation = null,
        #[FactOf(Snubber::class)]
        public ?Fact $snubber = null,
        #[FactOf('bool')]
        public ?Fact $linkRemoved = null,
        #[FactOf('bool')]
        public ?Fact $barredFromGroups = null,
        #[FactOf('float'), Measured(Unit::Ampere)]
        public ?Fact $outletAmps = null,
        #[FactOf('bool')]
        public ?Fact $remoteStart = null,
        #[FactOf('bool')]
        public ?Fact $unattended = null,
        #[FactOf('bool')]
        public ?Fact $mustNotStart = null,
        #[FactOf('bool')]
        public ?Fact $mustComeBack = null,
        #[FactOf('bool')]
        public ?Fact $loadDiode = null,
        #[FactOf('bool')]
        public ?Fact $ownRadio = null,
        #[FactOf(SwitchAtStart::class)]
        public ?Fact $switchAtStart = null,
    ) {
        if (is_float($outletAmps?->value) && ($outletAmps->value < 0.5 || $outletAmps->value > 100)) {
            throw new \InvalidArgumentException('An outlet is rated for between 0.5 A and 100 A.');
        }
        if (is_float($switchingsPerDay?->value) && ($switchingsPerDay->value < 0 || $switchingsPerDay->value > 100e3)) {
            throw new \InvalidArgumentException('A contact switches between 0 and 100000 times a day.');
        }
        if (is_float($restSeconds?->value) && ($restSeconds->value < 0 || $restSeconds->value > 3600)) {
            throw new \InvalidArgumentException('A rest lies between 0 and an hour. Compressors want 3 to 5 min.');
        }
    }

    /**
     * What still holds when the line switches another appliance: its papers go with the old one, what only mains or only
     * direct current knows goes with the old supply.
     */
    public function forAnotherAppliance(bool $leavesMains, bool $comesToMains): self
    {
        $gone = ['remoteStart' => null, 'unattended' => null, 'ownRadio' => null];
        if ($leavesMains) {
            $gone = [...$gone, 'outlet' => null, 'earthJoined' => null, 'linkRemoved' => null, 'outletAmps' => null, 'snubber' => null];
        }

        return Copy::of($this, $comesToMains ? [...$gone, 'loadDiode' => null] : $gone);
    }
}
