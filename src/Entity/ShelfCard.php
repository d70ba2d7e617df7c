<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The card of a board on the shelf as it was drawn for one revision; drawn anew by another build of Iron Latch. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'shelf_card')]
class ShelfCard
{
    /**
     * @param string $madeBy which build drew it
     * @param resource|string $content deflated HTML
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::GUID)]
        private string $revisionId,
        #[ORM\Column(length: 64)]
        private string $madeBy,
        #[ORM\Column(type: Types::BLOB)]
        private $content,
    ) {}

    public function revisionId(): string
    {
        return $this->revisionId;
    }

    public function madeBy(): string
    {
        return $this->madeBy;
    }

    public function html(): string
    {
        return (string) gzinflate(Blob::text($this->content));
    }
}
