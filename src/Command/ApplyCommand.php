<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Board\EditForm;
use IronLatch\Core\Exchange\BoardJson;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('apply', 'Makes edits of a board and prints the board that comes of them: exit 0, or 2 when one is refused; then nothing is '
    . 'printed.')]
final class ApplyCommand extends BoardCommand
{
    public function __construct(private readonly EditForm $form)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('file', InputArgument::REQUIRED, 'the board file, or - for standard input')
            ->addArgument(
                'edits',
                InputArgument::REQUIRED | InputArgument::IS_ARRAY,
                'files, each with one edit or a list of edits as JSON',
            )
            ->setHelp(<<<'HELP'
                An edit is a JSON object as the web form sends it: “edit” names it, parts go by their ids, values carry their units.

                  {"edit": "add-lines", "names": ["Lamp", "Fan"], "appliance": "led-lamp"}
                  {"edit": "state-cable", "for": ["F3", "F4"], "metres": "5 m"}

                  latch apply board.json edit.json > next.json
                HELP);
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $board = $this->board($input);
        foreach (is_array($input->getArgument('edits')) ? $input->getArgument('edits') : [] as $file) {
            $data = json_decode(self::contents(self::text($file)), true);
            if (!is_array($data)) {
                throw new \InvalidArgumentException(sprintf('%s holds no JSON object or list of them.', self::text($file)));
            }
            foreach (array_is_list($data) ? $data : [$data] as $fields) {
                $edit = $this->form->read(is_array($fields) ? $fields : [], $board);
                $this->say($output, $edit->summary($board));
                $board = $edit->apply($board);
            }
        }
        $this->print($output, BoardJson::write($board));

        return Command::SUCCESS;
    }
}
