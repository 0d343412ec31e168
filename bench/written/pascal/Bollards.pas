program Bollards;

type
  TLine = record
    vessel: string;
    load: real;
  end;

var
  lines: array[1..3] of TLine;
  i: ⟪int⟶integer⟶≡longint⟫;
  sum: real;

function Heavy(line: TLine): boolean;
begin
  ⟪return line.load > 4.0⟶Heavy := line.load > 4.0⟶≡exit(line.load > 4.0)⟫;
end;

procedure Show(line: TLine);
begin
  write(line.vessel, ': ');
  if Heavy(line) then
    writeln('heavy')⟪;⟶⟫
  else
    writeln('light');
end;

begin
  lines[1].vessel ⟪=⟶:=⟫ 'Heron';
  lines[1].load := 4.5;
  lines[2].vessel := ⟪"Skua"⟶'Skua'⟫;
  lines[2].load := 2.25;
  lines[3].vessel := 'Tern';
  lines[3].load := 6.0;
  sum := 0;
  for i := 1 to 3 do
  begin
    Show(lines[i]);
    sum := sum + lines[i]⟪⟶.load⟫;
  end⟪⟶;⟫
  writeln('sum ', sum:0:2);
end.
