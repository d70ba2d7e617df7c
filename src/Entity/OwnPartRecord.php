<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A part that a maker has added to the catalogue, as its JSON. */
#[ORM\Entity]
#[ORM\Table(name: 'own_part')]
class OwnPartRecord
{
    #[ORM\Id]
    #[ORM\Column(length: 60)]
    private string $id;

    #[ORM\Column(type: Types::TEXT)]
    private string $document;

    #[ORM\Column]
    private \DateTimeImmutable $changedAt;

    public function __construct(string $id, string $document, \DateTimeImmutable $now)
    {
        $this->id = $id;
        $this->document = $document;
        $this->changedAt = $now;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function document(): string
    {
        return $this->document;
    }

    public function changedAt(): \DateTimeImmutable
    {
        return $this->changedAt;
    }

    public function write(string $document, \DateTimeImmutable $now): void
    {
        $this->document = $document;
        $this->changedAt = $now;
    }
}
