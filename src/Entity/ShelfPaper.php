<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A paper that lies beside the boards: a price list, the drawer, the currency. */
#[ORM\Entity]
#[ORM\Table(name: 'shelf_paper')]
class ShelfPaper
{
    #[ORM\Id]
    #[ORM\Column(length: 20)]
    private string $name;

    #[ORM\Column(type: Types::TEXT)]
    private string $text;

    #[ORM\Column]
    private \DateTimeImmutable $changedAt;

    public function __construct(string $name, string $text, \DateTimeImmutable $now)
    {
        $this->name = $name;
        $this->write($text, $now);
    }

    public function name(): string
    {
        return $this->name;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function changedAt(): \DateTimeImmutable
    {
        return $this->changedAt;
    }

    public function write(string $text, \DateTimeImmutable $now): void
    {
        $this->text = $text;
        $this->changedAt = $now;
    }
}
