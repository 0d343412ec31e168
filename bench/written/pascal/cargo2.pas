{$mode objfpc}
program hold;

type
  TItem = class
    name: string;
    kilos: integer;
    constructor Create(aName: string; aKilos: integer);
  end;

constructor TItem.Create(aName: string; aKilos: integer);
begin
  name := aName;
  kilos := aKilos;
end;

function Total(items: array of TItem): integer;
var
  sum: integer;
  item: TItem;
begin
  sum := 0;
  for item in items do
    sum := sum + item.⟪kilo⟶kilos⟫;
  Total := sum;
end;

var
  a, b: TItem;
begin
  a := TItem.Create('salt', 40);
  b := TItem.Create('rope'⟪; ⟶, ⟫12);
  if Total([a, b]) > 50⟪⟶ then⟫
    writeln('heavy')
  else
    writeln('light');
  writeln(a.name + ' first');
end.
