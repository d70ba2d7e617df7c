<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Board\UsualStart;
use IronLatch\Core\Exchange\BoardJson;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('new', 'Prints an empty board of the catalogue’s parts: exit 0, or 2 when there is no such part.')]
final class NewCommand extends BoardCommand
{
    public function __construct(private readonly UsualStart $start)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::REQUIRED, 'what the board is called');
        foreach (['carrier' => 'controller carrier', 'mains' => 'mains system', 'supply' => 'supply',
            'relay' => 'relay of new lines'] as $part => $words) {
            $this->addOption($part, null, InputOption::VALUE_REQUIRED, $words . ', by its id in the catalogue', '');
        }
        $this->setHelp(<<<'HELP'
              latch new "Spare room" > board.json
              latch new "Shed" --carrier=esp8266-carrier-30 --mains=mains-120 > board.json
            HELP);
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $name = trim(self::text($input->getArgument('name')));
        if ('' === $name) {
            throw new \InvalidArgumentException('Give the new board a name.');
        }
        [$carrier, $mains, $supply, $relay] = array_map(
            static fn(string $option): string => self::text($input->getOption($option)),
            ['carrier', 'mains', 'supply', 'relay'],
        );
        $this->print($output, BoardJson::write($this->start->board($name, $carrier, $mains, $supply, $relay)));

        return Command::SUCCESS;
    }
}
