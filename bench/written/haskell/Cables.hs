module Main where

import Data.Maybe (mapMaybe⟪⟶, fromMaybe⟫)

data Cable = Cable { from, to :: String, metres :: Double }

data Net a = Net [(a, [a])]

neighbours :: ⟪⟶Eq a => ⟫Net a -> a -> [a]
neighbours (Net table) x = fromMaybe [] (lookup x table)

instance Functor Net where
  fmap f (Net t) = Net [ (f k, map f vs) | (k, vs) <- t ⟪⟶]⟫

class Priced p where
  cost :: p -> Double
  note :: p -> String
  note p = "costs " ++ show (cost p)

instance Priced ⟪Cable a⟶Cable⟫ where
  cost c = metres c * 4.5

build :: [Cable] -> Net String
build cs = Net [ (n, [ to c | c <- cs, from c ⟪=⟶==⟫ n ]) | n <- names ]
  where
    names = foldr add [] (map from cs)
    add n seen
      | n `elem` seen ⟪-> seen⟶= seen⟫
      | otherwise = n : seen

longest :: [Cable] -> Double
longest cs = ⟪max⟶maximum⟫ (map metres cs)

far :: [Cable] -> [String]
far = mapMaybe (\c -> if metres c > 30 then ⟪to c⟶Just (to c)⟫ else Nothing)

main :: IO ()
main = do
  let cs = [Cable "mole" "mast" 40, Cable "mast" "shed" 25.5, Cable "mole" ⟪shed⟶"shed"⟫ 60]
      net = build cs
  print (neighbours net "mole")
  print ⟪longest cs⟶(longest cs)⟶$ longest cs⟫
  mapM_ ⟪(putStrLn far cs)⟶putStrLn (far cs)⟫
  mapM_ (putStrLn . note) cs
