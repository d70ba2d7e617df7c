<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A device that was paired with this desk. It is let in while it stands here, and not a moment longer. */
#[ORM\Entity]
#[ORM\Table(name: 'phone_device')]
class PhoneDevice
{
    #[ORM\Id]
    #[ORM\Column(type: Types::GUID)]
    private string $id;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $seenAt;

    public function __construct(
        #[ORM\Column(length: 60)]
        private string $name,
        #[ORM\Column(enumType: May::class, length: 40)]
        private May $may,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $pairedAt,
    ) {
        $this->id = Uuid::v4()->toRfc4122();
        $this->seenAt = $pairedAt;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function may(): May
    {
        return $this->may;
    }

    public function mayFromNowOn(May $may): void
    {
        $this->may = $may;
    }

    public function pairedAt(): \DateTimeImmutable
    {
        return $this->pairedAt;
    }

    public function seenAt(): \DateTimeImmutable
    {
        return $this->seenAt;
    }

    public function isSeen(\DateTimeImmutable $now): void
    {
        $this->seenAt = $now;
    }
}
