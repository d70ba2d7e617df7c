<?php

declare(strict_types=1);

namespace IronLatch\Twig;

use IronLatch\Entity\May;
use IronLatch\Http\DoorKeeper;
use IronLatch\Phone\Devices;
use Symfony\Component\HttpFoundation\RequestStack;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Whether a page is for the desk itself, and whether anybody else could change what it shows. */
final class PhoneExtension extends AbstractExtension
{
    public function __construct(private readonly RequestStack $requests, private readonly Devices $devices) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('is_desk', $this->isDesk(...)),
            new TwigFunction('restricted_to', $this->restrictedTo(...)),
            new TwigFunction('follows', fn(): bool => !$this->isDesk() || [] !== $this->devices->all()),
        ];
    }

    /** What the device of this page may do, in words; null where it may do everything. */
    private function restrictedTo(): ?string
    {
        $request = $this->requests->getMainRequest();
        $may = null === $request ? null : DoorKeeper::device($request)?->may();

        return null === $may || May::Everything === $may ? null : $may->value;
    }

    private function isDesk(): bool
    {
        $request = $this->requests->getMainRequest();

        return null === $request || null === DoorKeeper::device($request);
    }
}
