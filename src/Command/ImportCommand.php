<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Board\PinTableForm;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\PinTableImport;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('import', 'Reads a pin table into a board and prints the board; what it doubts is said and left out. Exit 0, or 2 when nothing '
    . 'can be read.')]
final class ImportCommand extends BoardCommand
{
    public function __construct(private readonly PinTableForm $form)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('file', InputArgument::REQUIRED, 'the board file, or - for standard input')
            ->addArgument('table', InputArgument::REQUIRED, 'constants of a program, a header, CSV, JSON, or lines such as “Lamp = 23”')
            ->setHelp(<<<'HELP'
                  latch import board.json pins.h > next.json
                  latch new "Shed" | latch import - pins.csv > board.json
                HELP);
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $board = $this->board($input);
        $rows = $this->form->read(self::contents(self::text($input->getArgument('table'))), $board->controller());
        foreach ($rows as $row) {
            if (!$row['take'] || '' !== $row['doubt']) {
                $this->say($output, sprintf('Row %s, “%s”: %s', $row['line'], $row['text'], $row['take']
                    ? $row['doubt']
                    : 'left out. ' . $row['doubt']));
            }
        }
        $this->print($output, BoardJson::write(PinTableImport::edit($board, $this->form->entries($rows))->apply($board)));

        return Command::SUCCESS;
    }
}
