<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Catalogue\Carrier;

/** What a draft decides before anything is worked out: what makes it different in kind from the others. */
final readonly class Choices
{
    public function __construct(
        public Carrier $carrier,
        public DriveSchool $school,
        public Feeding $feeding,
        public BuildForm $form,
    ) {}

    /** The same for the same choices, for ever: a draft is asked for by it. */
    public function id(): string
    {
        return strtolower(implode('.', [
            $this->carrier->identity->id,
            $this->school->name,
            $this->feeding->name,
            $this->form->name,
        ]));
    }

    /** Ready modules are made for 5 V, whatever the source gives. */
    public function coilVolts(): float
    {
        return DriveSchool::Module === $this->school ? 5.0 : $this->feeding->coilVolts();
    }

    public function words(): string
    {
        return sprintf('%s, %s, %s, %s', $this->carrier->identity->name, $this->school->value, $this->feeding->value, $this->form->value);
    }
}
