program slipcrew;

{$mode objfpc}{$H+}

uses
  Classes, SysUtils;

type
  ⟪PCrew^ = TCrew⟶PCrew = ^TCrew⟫;
  TCrew = record
    Name: string;
    Next: PCrew;
  end;

  TRota = class
  private
    FHead: PCrew;
    FCount: Integer⟪⟶;⟫
  public
    procedure Add(const Name: string);
    function Find(const Name: string): ⟪bool⟶Boolean⟫;
    destructor Destroy; ⟪⟶override;⟫
    property Count: Integer read FCount;
  end;

procedure TRota.Add(const Name: string);
var
  Node: PCrew;
begin
  New(⟪PCrew⟶Node⟫);
  Node^.Name := Name;
  Node⟪->⟶^.⟫Next := FHead;
  FHead := ⟪Node^⟶Node⟫;
  Inc(FCount);
end;

function TRota.Find(const Name: string): Boolean;
var
  Node: PCrew;
begin
  Node := FHead;
  Result := False;
  while ⟪Node != nil⟶Node <> nil⟫ do
  begin
    if Node^.Name = Name⟪⟶ then⟫
      Result := True;
    Node := Node^.Next;
  end;
end;

destructor TRota.Destroy;
var
  Node: PCrew;
begin
  while FHead <> nil do
  begin
    Node := FHead⟪^⟶⟫;
    FHead := FHead^.Next;
    ⟪Free⟶Dispose⟫(Node);
  end;
  inherited Destroy;
end;

function Split(const Line: string; Sep: Char): TStringList;
var
  P: Integer;
  Rest: string;
begin
  Result := TStringList.Create;
  Rest := Line;
  repeat
    P := Pos(Sep, Rest);
    if P = 0 then
      Result.Add(Rest)
    else
      begin
        Result.Add(Copy(Rest, 1, P - 1));
        Rest := Copy(Rest, P + 1⟪⟶, Length(Rest)⟶, 1⟫);
      end⟪⟶;⟫
  until P = 0;
end;

var
  Rota: TRota;
  Parts: TStringList;
  I: Integer;
begin
  Rota := TRota.⟪New⟶Create⟫;
  Parts := Split('Edda,Rolf,Siv', ⟪","⟶','⟫);
  for I := 0 to Parts.⟪Length⟶Count⟫ - 1 do
    Rota.Add(Parts⟪(I)⟶[I]⟫);
  if Rota.Find('Siv') ⟪== True⟶= True⟶⟫ then
    WriteLn('found ' + ⟪Rota.Count⟶IntToStr(Rota.Count)⟫);
  Parts.Free;
  Rota.Free;
end.
