program Chandlery;

{$mode objfpc}

uses SysUtils, Classes;

type
  TItem = class
  private
    FName: string;
    FPrice: Currency;
  public
    constructor Create(AName: string; APrice: Currency);
    function Describe: string; virtual;
    property Name: string read FName;
    property Price: Currency read ⟪FPrise⟶FPrice⟫;
  end;

  TRope = class⟪[TItem]⟶(TItem)⟫
    Metres: Integer;
    function Describe: string; ⟪overide⟶override⟫;
  end;

constructor TItem.Create(AName: string; APrice: Currency);
begin
  FName := AName⟪⟶;⟫
  FPrice := APrice;
end;

function TItem.Describe: string;
begin
  ⟪return⟶Result :=⟶≡Describe :=⟫ FName + ' ' + CurrToStr(FPrice);
end;

function ⟪Describe⟶TRope.Describe⟫: string;
begin
  Result := inherited Describe + ', ' + ⟪Str(Metres)⟶IntToStr(Metres)⟫ + ' m';
end;

procedure Show(Items: array of TItem);
var
  Item: TItem;
begin
  ⟪foreach⟶for⟫ Item in Items do
    WriteLn(Item.Describe);
end;

var
  Rope: TRope;
  Lamp: TItem;
  Sum: Currency;
begin
  Rope := TRope.Create('rope', 12.5);
  Rope.Metres := ⟪20.0⟶20⟫;
  Lamp := ⟪new TItem⟶TItem.Create⟫('lamp', 30);
  Show([Rope⟪;⟶,⟫ Lamp]);
  Sum := Rope.Price + Lamp⟪->⟶.⟫Price;
  if ⟪Sum > 40 and Rope.Metres > 10⟶(Sum > 40) and (Rope.Metres > 10)⟫ then
    WriteLn('free delivery');
  while Sum > 10 ⟪⟶do⟫
    Sum := Sum - 10;
  WriteLn(Sum:0:2)⟪.⟶;⟫
  Rope.Free;
  Lamp.Free;
end⟪;⟶.⟫
